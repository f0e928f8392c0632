import { benchPages } from './pages'
void benchPages(process.argv[2]!)

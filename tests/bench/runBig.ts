import { benchBig } from './big'

void benchBig()

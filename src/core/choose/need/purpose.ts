/** What a thing is for, where that asks something of its fabric which no weight and no fall can tell. */
export type Purpose = 'swims' | 'soaks-up' | 'washed-hot' | 'sheds-rain' | 'on-skin' | 'slides' | 'dries-by-loops'

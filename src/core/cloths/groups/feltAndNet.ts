import { cloths } from './define'

/** Felted cloths. Weights, stretch, body, opacity, usual fibres and marks: common practice, from memory. */
export const felts = cloths('felted', [
  ['felt', 'felt', 'wool felt,craft felt', 'felt', 150, 600, 0, 10, 'stiff', 'opaque', 'wool,acrylic,polyester', 'surface=smooth,brushed; back=same; yarn-look=fuzzy; colouring=piece-dyed', 'Fibres matted without any yarn: no grain, edges do not fray.'],
  ['boiled-wool', 'boiled wool', 'walked wool', 'felt', 260, 460, 5, 35, 'moderate', 'opaque', 'wool,viscose', 'surface=bumpy,brushed; back=same; yarn-look=fuzzy; colouring=piece-dyed', 'A knit shrunk until it felts: springy, warm, gives a little.'],
  ['melton', 'melton', 'loden,broadcloth wool', 'felt', 400, 720, 0, 4, 'stiff', 'opaque', 'wool', 'surface=brushed,smooth; back=same; yarn-look=fuzzy; colouring=piece-dyed', 'Woven wool milled until no weave shows; dense, wind-tight, can be left raw.'],
])

/** Nets and laces. Weights, stretch, body, opacity, usual fibres and marks: common practice, from memory. */
export const nets = cloths('net', [
  ['tulle', 'tulle', 'bobbinet,illusion,soft tulle', 'mesh', 8, 40, 5, 40, 'crisp', 'sheer', 'nylon,silk,polyester', 'back=same; surface=smooth; figure=none', 'Fine six-sided mesh, light as air.'],
  ['net', 'net', 'netting,dress net,net curtain', 'mesh', 20, 90, 3, 30, 'stiff', 'sheer', 'nylon,polyester,cotton', 'back=same; surface=smooth,crisp-papery; figure=none,small-geometric', 'Tulle’s coarser sister: holes that can be counted, stiff.'],
  ['lace', 'lace', 'lace fabric,corded lace,guipure,chantilly', 'mesh', 60, 240, 0, 40, 'soft', 'sheer', 'cotton,nylon,polyester', 'figure=large-pictorial; surface=raised-figure; back=same,plain-looking', 'A figure of threads held by a fine mesh or by bars.'],
  ['stretch-lace', 'stretch lace', 'galloon,lingerie lace', 'mesh', 60, 180, 30, 100, 'soft', 'sheer', 'nylon,elastane,polyester', 'figure=large-pictorial; surface=raised-figure,smooth; back=same,plain-looking', 'Lace that stretches and comes back.'],
  ['sports-mesh', 'sports mesh', 'athletic mesh', 'mesh', 80, 180, 5, 30, 'moderate', 'semi-sheer', 'polyester', 'figure=small-geometric; surface=smooth,bumpy; back=same,duller', 'Round holes in a firm knit, for bags and linings.'],
])

/** What a page is for, how to go about it, and what to watch: three lines each. */
export type HelpLines = readonly [what: string, how: string, watch: string]

const MEASURE: HelpLines = [
  'One property of the cloth, measured with what a kitchen has.',
  'Choose a piece, or go on without one; read off, type it in, and take a second reading.',
  'Say whether the cloth was washed: figures before and after are kept apart.',
]

/** By the address of the page; `[id]` stands for a record. */
export const helpLines: Readonly<Record<string, HelpLines>> = {
  '/': [
    'What is worth doing now, and what you had in hand last.',
    'Take the first thing on the list; each says why it is there.',
    'Nothing here has to be done: it is what somebody who does this daily would do next.',
  ],
  '/find-out': [
    'One way in for a cloth that you know nothing of.',
    'Take any door: look, weigh, touch, burn. What is known grows in the strip above.',
    'It can be kept as a piece at any moment; half known is good enough to begin with.',
  ],
  '/bench': [
    'A burn test: a pinch of yarns, short questions in the order of the flame.',
    'Lay it out first: water, tweezers, a metal tray; then answer what you see, number by number.',
    'Read the cautions before the first flame. Never burn what may be glass fibre or asbestos.',
  ],
  '/bench/tests': [
    'What tells fibres apart without a flame: water, hand, loupe, acetone, bleach.',
    'Choose one that your question needs; each says what it tells and what spoils it.',
    'Acetone burns and fumes; bleach never with acid. Gloves, a window, a scrap only.',
  ],
  '/inspect': [
    'The name of a cloth, by looking and feeling.',
    'Answer the question that stands there; say “not seen” rather than guess.',
    'Weight and fibre narrow it down most: give them below if you know them.',
  ],
  '/measure': [
    'Every property that can be measured at home, each on its own bench.',
    'Choose the one that your pattern asks for; the piece’s page says which that is.',
    'Three readings in three places say more than one careful one.',
  ],
  '/bench/controls': [
    'Known pieces, to burn beside an unknown.',
    'Put in what you are sure of, and burn a bit of each: the bench learns your words for smells.',
    'A label is not proof: say why you are sure.',
  ],
  '/bench/sheet': [
    'An empty log, for where no screen may lie: the garden table, the workshop.',
    'Print it, ring the answers with a pencil, and type them in later.',
    'Keep it away from the flame, and under a stone.',
  ],
  '/bench/[id]': [
    'One burn test: the questions of the flame, and then what it comes to.',
    'Answer with the keys or the pictures; the last answer can be taken back.',
    'The verdict says how sure it is, and what would settle it. It is no laboratory.',
  ],
  '/bench/[id]/log': [
    'Every answer of a burn with its time.',
    'Press an answer to change it: the verdict follows. Times and pictures go below.',
    'Where two specimens differ, it is marked: burn a third.',
  ],
  '/bench/[id]/sheet': [
    'This burn on paper, to staple a snip of the cloth to.',
    'Print it, or save it as a PDF from the browser’s own window.',
    'What is typed in later does not change the paper: print it anew.',
  ],
  '/bench/[id]/slip': [
    'A slip for a shop whose label is not true.',
    'It says what was seen and what true cloth would have shown, without blame.',
    'A burn at home is a hint, not proof: ask for the supplier’s own test.',
  ],
  '/stash': [
    'Every piece that you have, as cloth on shelves or as a list.',
    'Filter by what you need; each filter says how many would be left.',
    'A filter that you need again can be kept under a name.',
  ],
  '/stash/new': [
    'A new piece: weighed, named, put on the shelf.',
    'Weigh a piece of known size, and write down what you know. All but the name can wait.',
    'What you type waits in this window until it is kept.',
  ],
  '/stash/quick': [
    'A piece at a stall, with one hand: a picture, arm-spans, a guess, a price.',
    'Say what you take it for, and keep it; the rest is asked at home.',
    'A guess is marked as one until something is measured.',
  ],
  '/stash/table': [
    'Twenty pieces at once, from a spreadsheet or typed line by line.',
    'Paste it, look over what each column was taken for, then keep all of it or none.',
    'A line that cannot be read is named, and nothing is half-written.',
  ],
  '/stash/heap': [
    'A box or a cupboard full, one piece after another.',
    'Say of each: keep, give away, test, cut up. You can stop and go on tomorrow.',
    'The tally says what is worth testing first.',
  ],
  '/stash/heap/[id]': [
    'One heap, with its tally.',
    'One key a piece; a picture is enough to know it again.',
    'What goes away makes a list to print.',
  ],
  '/stash/looking': [
    'The stash as a whole, in figures.',
    'Press a line to see the pieces that it counts, a heading to put the figures in order.',
    'What is guessed is counted as guessed: weigh what weighs most.',
  ],
  '/stash/notions': [
    'Buttons, zips, elastic and yarn that were kept.',
    'Count them up and down as they are used; a project’s list looks in here first.',
    'Old elastic gives out: pull it twice before you sew it in.',
  ],
  '/stash/cards': [
    'Cards to staple a snip on, labels for bundles and shelves, the stash as a book.',
    'Choose the pieces and the paper; everything comes as a PDF.',
    'The code on a label leads back to the piece in this program.',
  ],
  '/stash/safe': [
    'Backups, the notebook out and in, and the bin.',
    'Make a backup before anything large; put one back to see what was.',
    'What is thrown away lies in the bin for thirty days.',
  ],
  '/stash/[id]': [
    'All that is known of a piece, and how it is known.',
    'The next step stands first; each figure leads to its readings.',
    'Measured, tested, by its label, guessed: four different things, and said so.',
  ],
  '/stash/[id]/edit': [
    'What is written down of a piece.',
    'Change what you like, and keep it; Enter in a field keeps it too.',
    'Measured figures are not typed here: they come from their readings.',
  ],
  '/stash/[id]/like': [
    'Pieces that could stand in for this one.',
    'The nearest stands first, each with what is the same and what is not.',
    'Alike in the hand is not alike in the wash: look at the fibre.',
  ],
  '/stash/[id]/patterns': [
    'Every pattern held against this piece.',
    'What suits best stands first; open one to see what speaks for and against it.',
    '“Perhaps” means that something is not known: it says what to measure.',
  ],
  '/stash/[id]/apart': [
    'What a garment yields, seam by seam, and what to keep of it.',
    'Measure it, say how its seams are made, and draw what is worn or stained.',
    'Blades away from the body. Feel along the seams for pins first.',
  ],
  '/stash/[id]/dye': [
    'Whether it takes dye, and the colour that comes.',
    'Choose the colour that you want; the drawing shows thread and undyed parts as well.',
    'The packet’s own instructions come first. A mask for powder, pots that no food goes into.',
  ],
  '/stash/[id]/unravel': [
    'Whether a knitted thing gives its yarn back, and how much.',
    'Look at a side seam from inside, weigh it, wrap the yarn round a ruler.',
    'Felted and cut pieces do not: they make good cloth instead.',
  ],
  '/stash/[id]/sew': [
    'How this cloth wants to be handled.',
    'Say what it is for; each choice has its reason, and what would settle an open one.',
    'A test seam on a scrap decides in the end. Keep it here: it moves the advice.',
  ],
  '/projects': [
    'What is being made, and what was.',
    'Each says what comes next; start one from a pattern or without.',
    'What a project keeps back is not offered to another without a word.',
  ],
  '/projects/new': [
    'A pattern, a size, and how many.',
    'Only the name is needed; the cloth is chosen next.',
    'What is cut for one size does not grow to another.',
  ],
  '/projects/[id]': [
    'A project from its cloth to how it wore.',
    'The step that is next stands first; tick it when it is behind you.',
    'Everything is bought before the first cut: shops run out.',
  ],
  '/projects/[id]/plan': [
    'What to do when, in the hours that you have.',
    'Do the next step, time it if you like, and tick it; put it off if it must wait.',
    'Wet cloth does not wait: what must follow at once stands right after it.',
  ],
  '/plan': [
    'All projects in the same hours: one washer, one line, one pair of hands.',
    'Take it into your calendar, and give your calendar to the workroom.',
    'What begins first comes first; the rest fills what is left.',
  ],
  '/use-up': [
    'Which patterns can be cut from odd things, by how little is lost.',
    'Choose up to six things; each pattern is laid on them for real.',
    'Two cloths in one garment are washed together: hold them together first.',
  ],
  '/mix': [
    'Whether cloths go together in one garment.',
    'Choose two or more; the worst pair is named, with what to do about it.',
    'Shrinkage decides most: wash all of them before you cut.',
  ],
  '/mend': [
    'Which darn or patch, and what of the stash goes with it.',
    'Say what is wrong and how large; saved offcuts are offered first.',
    'A patch that was never washed pulls at one that was.',
  ],
  '/workroom': [
    'What you sew, wash and dry with, and when you have time. Asked once.',
    'Give your calendar as a file, and plans keep clear of what stands in it.',
    'Where people disagree, pick your side; nothing picked goes by the cloth.',
  ],
  '/shop': [
    'For the patterns on your list: what to look for, what to ask, how much to buy.',
    'Take it along on the phone, or print it.',
    'Buy a little more where stripes must meet or the cloth will shrink: it is in the figure.',
  ],
  '/shop/listing': [
    'What an online listing says, and what it leaves out.',
    'Paste its words; what follows from them is reckoned, and what to ask is listed.',
    'Pictures lie about colour and weight: ask for a snip.',
  ],
  '/patterns': [
    'Your patterns, each with the pieces that suit it best.',
    'Open one to see why; write a new one from its envelope.',
    'The envelope’s words are kept: what was read of them can be put right.',
  ],
  '/patterns/new': [
    'What a pattern asks of its cloth.',
    'Paste the back of the envelope, or say it field by field.',
    'What was not understood is shown, not guessed.',
  ],
  '/patterns/[id]': [
    'Every piece held up for one pattern.',
    'The best stand first, with what speaks for them and what would rescue the rest.',
    'Mark up to four, and compare them side by side.',
  ],
  '/patterns/[id]/compare': [
    'Up to four cloths for one pattern, property by property.',
    'What differs stands out; what is not known can be measured from here.',
    'The figures have their doubt: a small difference may be none.',
  ],
  '/patterns/[id]/edit': [
    'What a pattern asks, to be changed.',
    'Put right what was read wrongly; matches follow at once.',
    'Lengths are for one width each: give the width beside them.',
  ],
  '/patterns/[id]/pieces': [
    'The outlines of a pattern’s pieces.',
    'From DXF or SVG, from a photograph, from measures, or corner by corner.',
    'Check the test square: a file without units may be any size.',
  ],
  '/patterns/[id]/lay': [
    'The pieces on this very cloth: is it enough, and what is left?',
    'Let it lay for a few seconds; then move, turn, hold and try again.',
    'Nothing is cut until you say so: then the offcuts go into the stash.',
  ],
  '/learn': [
    'Everything to look up, to practise and to print.',
    'The search finds any of it: press “/” wherever you are.',
    'It is told from the same tables that the verdicts are made of.',
  ],
  '/learn/first': [
    'For somebody who has never done it: what to gather, and a first safe burn.',
    'Ten minutes, two threads that you know, and a bowl of water.',
    'Never alone with children or pets, never near anything that hangs.',
  ],
  '/learn/today': [
    'What is due of all that you practise: burns, cloths to name, which way round, weights by hand.',
    'Say whether you have five minutes or twenty; what is likeliest to be forgotten comes first.',
    'Begin, do as many as stand there, and come back for the next.',
  ],
  '/learn/practice': [
    'Burns without a flame, as they would really look.',
    'Ask for as little as you need, say what it is, and how sure.',
    'To be sure and wrong costs more than to doubt: that is the exercise.',
  ],
  '/learn/looks': [
    'Cloths to name by looking, among those that they are confused with.',
    'Look from the hand, through the loupe, and held to the light.',
    'After the answer, the one look that parts them is told.',
  ],
  '/learn/sides': [
    'A drawn cloth: which way the warp runs, which side is right, which way the pile lies.',
    'Say what you see and how sure you are; the drawing is another one each time.',
    'After the answer stands what tells it, on real cloth as on the drawing.',
  ],
  '/learn/numbers': [
    'Weights, lengths and stretch, guessed by hand from your own cloth.',
    'Take the piece off its shelf, guess, and see what was measured.',
    'What counts is which way you are off: that can be learned.',
  ],
  '/learn/blind': [
    'Your own known pieces, under letters.',
    'Print the labels, let somebody else pack, and burn or feel them for real.',
    'Nothing is told before the last answer is given.',
  ],
  '/learn/group': [
    'The same specimens for a whole class.',
    'Make a set and hand its file round; everybody answers alone; then compare.',
    'Results are files as well: nobody’s leave your machine unless you send them.',
  ],
  '/learn/score': [
    'How far your sureness is to be trusted.',
    'On the line: as sure as right. Below it: too sure.',
    'Twenty answers say little; fifty say something.',
  ],
  '/learn/compare': [
    'Any two fibres side by side.',
    'The look that parts them best stands first.',
    'One look rarely settles it: take two that are not alike.',
  ],
  '/learn/convert': [
    'Ounces and grams, yards and metres, yarn counts, needles, stretch, iron dots.',
    'Type on either side.',
    'An ounce is one to the square yard here, not to the running yard.',
  ],
  '/learn/words': [
    'What is called otherwise in the UK and in the US.',
    'Both are found by the search, whichever you use.',
    'Muslin, calico and jumper are the ones that cost most when mixed up.',
  ],
  '/learn/fibres': [
    'Every fibre: how it burns, what it weighs, how hot it is ironed.',
    'Open one to see what it is taken for, and what of it lies in the stash.',
    'Every figure has its source beside it.',
  ],
  '/learn/units/[id]': [
    'One unit: what it is, and where it is met.',
    'Its figures stand beside those of its neighbours; each of them leads to its own page.',
    'To convert a figure of your own, go back to Convert.',
  ],
  '/learn/tests/[id]': [
    'One test or one look at the flame, from how to do it to what it tells.',
    'Beside each answer stand the fibres that are likely after it, if nothing else is known.',
    'A pair that it parts can be looked at side by side.',
  ],
  '/learn/techniques/[id]': [
    'One way of sewing, step by step; the cloth is seen from its edge.',
    'The cloths under it are those that the advice for a piece would give it to.',
    'What you tried on scraps stands here with its picture.',
  ],
  '/learn/care/[id]': [
    'One sign of a care label, in words.',
    'Which fibres bear what it allows follows from how each is looked after.',
    'Pieces of the stash that have it on their label stand below.',
  ],
  '/learn/fibres/[id]': [
    'One fibre, all of it.',
    'The four that are hardest to tell from it stand with the look that parts them.',
    'Finish and dye change how it burns: it is said where.',
  ],
  '/learn/cloths': [
    'What shops mean by a name.',
    'Open one to see it drawn, with what it is taken for.',
    'The same name is another cloth across the ocean.',
  ],
  '/learn/cloths/[id]': [
    'One cloth: what makes it that, and what it is taken for.',
    'Its neighbours stand with what parts them.',
    'Weights are usual ones: the stash shows your own.',
  ],
  '/learn/care': [
    'The signs on care labels, in words.',
    'Find yours by its shape; what it allows stands beside it, with how many of your pieces bear it.',
    'A label speaks for the whole garment: its weakest part decides.',
  ],
  '/learn/cards': [
    'Cards to print and hang up at the bench.',
    'Choose which; they are told from the same records as the pages.',
    'The cautions are printed with them: leave them on.',
  ],
  '/weave': [
    'Any weave as cloth, face and back.',
    'Begin with one that is known, and press squares to change it.',
    'WIF files of weaving programs open, and can be saved.',
  ],
  '/techniques': [
    'Seams, hems and ways of working, drawn step by step.',
    'Each says what it is for and what it is not; your own scraps stand below it.',
    'Try each on a scrap of the very cloth.',
  ],
  '/safety': [
    'The cautions for flame, fumes, bleach, acetone, dyes, blades and irons.',
    'Read them once before the first flame; print them for the wall.',
    'Local rules and the maker’s own instructions come first.',
  ],
  '/settings': [
    'Units, words, light, motion.',
    'Changed at once, and kept in this browser.',
    'Figures are kept in metric: nothing is lost by changing.',
  ],
  '/search': [
    'Pages, pieces, patterns, cloths, words: one search.',
    'Press “/” anywhere; a slip of the pen is forgiven, UK and US words both do.',
    'What is in the bin is not found.',
  ],
}

/** The three lines of a page; of a measuring bench, those that all of them share. */
export function helpFor(path: string): HelpLines | undefined {
  return helpLines[path] ?? (path.startsWith('/measure/') ? MEASURE : undefined)
}

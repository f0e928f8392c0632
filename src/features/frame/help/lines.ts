/** What a page is for, how to go about it, and what to watch: three lines each. */
export type HelpLines = readonly [what: string, how: string, watch: string]

const MEASURE: HelpLines = [
  'Measures one property of a fabric with kitchen tools.',
  'Choose a fabric or go on without one, type in what you read, and measure twice.',
  'Say whether the fabric was washed: we keep figures from before and after washing apart.',
]

/** By the address of the page; `[id]` stands for a record. */
export const helpLines: Readonly<Record<string, HelpLines>> = {
  '/': [
    'Shows what you can do next, and your recent fabrics.',
    'Start with the first suggestion; each one says why it is there.',
    'All of these are suggestions. You can skip any of them.',
  ],
  '/identify': [
    'Helps you identify a fabric that you know nothing about.',
    'Start anywhere: look, weigh, touch or burn. All results are kept together.',
    'You can save it as a fabric at any time, even if you don’t know everything yet.',
  ],
  '/identify/burn': [
    'Identifies fibres from a few burnt yarns and short questions.',
    'Get ready first: water, tweezers and a metal tray. Then answer what you see.',
    'Read the cautions before you light anything. Never burn anything that may be glass fibre or ' + 'asbestos.',
  ],
  '/identify/tests': [
    'Tells fibres apart without a flame: with water, touch, a loupe, acetone or bleach.',
    'Choose the test that answers your question. Each one says what it shows and what can ' + 'mislead it.',
    'Acetone burns and gives off fumes. Never mix bleach with acid. Wear gloves, open a window, ' + 'use a scrap.',
  ],
  '/identify/name': [
    'Finds a fabric’s name by looking and feeling.',
    'Answer the question you see; choose “Not sure” rather than guess.',
    'Weight and fibre help most: enter them below if you know them.',
  ],
  '/identify/measure': [
    'Lists every property that you can measure at home.',
    'Choose the one that your pattern needs; the fabric’s page shows which.',
    'Three readings in three places tell more than one careful reading.',
  ],
  '/identify/samples': [
    'Keeps samples of fibres you know, to burn beside an unknown one.',
    'Add fibres that you are sure of and burn a bit of each: we learn how you describe smells.',
    'A label is not proof: say why you are sure.',
  ],
  '/identify/blank-log': [
    'Prints a blank log for places where a screen is not safe.',
    'Print it, circle the answers with a pencil, and type them in later.',
    'Keep the paper away from the flame, and weigh it down.',
  ],
  '/identify/burn/[id]': [
    'Asks about the flame step by step, then shows the result.',
    'Answer with keys or pictures; you can undo the last answer.',
    'The result says how sure it is and what would tell for certain. A burn test is not a ' + 'laboratory test.',
  ],
  '/identify/burn/[id]/log': [
    'Lists every answer of a burn test with its time.',
    'Select an answer to change it: the result updates. Add times and photos below.',
    'Where two samples differ, we mark it: burn a third.',
  ],
  '/identify/burn/[id]/sheet': [
    'Prints this burn test, with a place for a snip of the fabric.',
    'Print it, or save it as a PDF from your browser’s print window.',
    'The paper does not update: print it again after changes.',
  ],
  '/identify/burn/[id]/note': [
    'Prints a note to a shop whose label seems wrong.',
    'It says what you saw and what the labelled fabric would have shown, without blame.',
    'A burn test at home is a hint, not proof: ask for the supplier’s own test.',
  ],
  '/stash': [
    'Shows all your fabrics, on shelves or as a list.',
    'Filter by what you need; each filter shows how many fabrics are left.',
    'You can save a filter under a name.',
  ],
  '/stash/add': [
    'Adds a fabric to your stash.',
    'Weigh a piece of known size and enter what you know. Only the name is required.',
    'Your entries stay in this window until you save.',
  ],
  '/stash/quick-add': [
    'Adds a fabric with one hand, at a stall: photo, arm spans, a guess, a price.',
    'Say what you think it is and save it; we ask the rest later.',
    'We mark it as a guess until you measure something.',
  ],
  '/stash/spreadsheet': [
    'Adds many fabrics at once, from a spreadsheet or line by line.',
    'Paste your list, check each column, then save all of it or none.',
    'We name every line that we can’t read. Nothing is saved by half.',
  ],
  '/stash/piles': [
    'Sorts a box or cupboard, one fabric after another.',
    'Choose for each: keep, give away, test or cut up. You can stop and continue tomorrow.',
    'The summary shows what is worth testing first.',
  ],
  '/stash/piles/[id]': [
    'Shows one pile with its summary.',
    'One key per fabric; a photo is enough to recognise it.',
    'You can print a list of what you give away.',
  ],
  '/stash/overview': [
    'Shows your whole stash in figures.',
    'Select a line to see its fabrics, or a heading to sort.',
    'Guesses are counted as guesses: weigh the heaviest fabrics first.',
  ],
  '/stash/notions': [
    'Lists the buttons, zips, elastic and yarn that you kept.',
    'Change the count as you use them; projects check this list first.',
    'Old elastic wears out: stretch it twice before you sew it in.',
  ],
  '/stash/cards': [
    'Prints swatch cards, labels for bundles and shelves, and your stash as a book.',
    'Choose fabrics and paper; you get a PDF.',
    'The code on a label opens that fabric here.',
  ],
  '/stash/backup': [
    'Makes backups, imports and exports your notebook, and holds deleted records.',
    'Make a backup before large changes; restore one to go back.',
    'Deleted records stay in the bin for 30 days.',
  ],
  '/stash/[id]': [
    'Shows everything we know about a fabric, and how we know it.',
    'The next step comes first; each figure opens its readings.',
    'Measured, tested, from the label and guessed are marked differently.',
  ],
  '/stash/[id]/edit': [
    'Edits the details of a fabric.',
    'Change anything and save it; Enter in a field saves too.',
    'You can’t type measured figures here: they come from your readings.',
  ],
  '/stash/[id]/similar': [
    'Finds fabrics that could replace this one.',
    'The closest comes first, with what is the same and what differs.',
    'Fabrics that feel alike may wash differently: check the fibre.',
  ],
  '/stash/[id]/patterns': [
    'Compares every pattern with this fabric.',
    'The best match comes first; open one to see the reasons.',
    '“Perhaps” means that something is not known: we say what to measure.',
  ],
  '/stash/[id]/take-apart': [
    'Shows how much fabric a garment yields, seam by seam, and what to keep.',
    'Measure it, say how its seams are made, and mark worn or stained places.',
    'Cut away from your body. Feel along the seams for pins first.',
  ],
  '/stash/[id]/dye': [
    'Shows whether this fabric takes dye, and the expected colour.',
    'Choose the colour you want; the drawing shows thread and undyed parts too.',
    'Follow the packet’s instructions first. Wear a mask for powder; use pots that you never ' + 'cook in.',
  ],
  '/stash/[id]/unravel': [
    'Shows whether you can unravel a knit, and how much yarn you get.',
    'Look at a side seam from inside, weigh it, and wrap the yarn round a ruler.',
    'Felted and cut knits don’t unravel: use them as fabric instead.',
  ],
  '/stash/[id]/sew': [
    'Shows how to sew this fabric.',
    'Say what you are making; each recommendation has its reason.',
    'A test seam on a scrap decides. Save it here: it improves the advice.',
  ],
  '/make/projects': [
    'Lists what you are making and what you made.',
    'Each project shows its next step; start one from a pattern or without.',
    'Fabric reserved for a project is not offered to another without a warning.',
  ],
  '/make/projects/add': [
    'Starts a project: a pattern, a size, and how many.',
    'Only a name is required; you choose the fabric next.',
    'Pieces cut in one size can’t be made larger later.',
  ],
  '/make/projects/[id]': [
    'Follows a project from fabric to finished garment.',
    'The next step comes first; tick it when it is done.',
    'Buy everything before you cut: shops run out.',
  ],
  '/make/projects/[id]/schedule': [
    'Shows what to do when, in the time that you have.',
    'Do the next step, time it if you like, and tick it, or move it to later.',
    'Wet fabric can’t wait: steps that must follow at once come right after.',
  ],
  '/make/schedule': [
    'Plans all projects together: one washer, one line, one pair of hands.',
    'Add the plan to your calendar, or import your calendar under Equipment and time.',
    'The earliest project comes first; the others fill the remaining time.',
  ],
  '/make/leftovers': [
    'Finds patterns that you can cut from leftovers with the least waste.',
    'Choose up to six leftovers; we lay out each pattern on them.',
    'Two fabrics in one garment are washed together: check that they combine.',
  ],
  '/make/combine': [
    'Checks whether fabrics can be combined in one garment.',
    'Choose two or more; we name the worst pair and what to do about it.',
    'Shrinkage matters most: wash all fabrics before you cut.',
  ],
  '/make/mending': [
    'Finds a way to mend, and fabric from your stash for it.',
    'Say what is damaged and how large it is; offcuts come first.',
    'A patch that was never washed will pull on a washed garment.',
  ],
  '/make/equipment': [
    'Records your machines and your free time. You enter this once.',
    'Import your calendar file, and plans avoid your appointments.',
    'Where experts disagree, choose your preference; without one, we go by the fabric.',
  ],
  '/make/shopping': [
    'Lists what to look for, what to ask and how much to buy for your patterns.',
    'Take it with you on your phone, or print it.',
    'Matching stripes and shrinkage need more fabric: the figure includes it.',
  ],
  '/make/shopping/listing': [
    'Checks what an online listing says and leaves out.',
    'Paste its text; we work out what follows and list what to ask.',
    'Photos mislead about colour and weight: ask for a sample.',
  ],
  '/make/patterns': [
    'Lists your patterns, each with the fabrics that suit it best.',
    'Open one to see why; add a new one from its envelope.',
    'We keep the envelope’s text, so you can correct what we read.',
  ],
  '/make/patterns/add': [
    'Shows what fabric a pattern needs.',
    'Paste the text from the back of the envelope, or fill in the fields.',
    'We show what we did not understand instead of guessing.',
  ],
  '/make/patterns/[id]': [
    'Compares every fabric with one pattern.',
    'The best come first, with reasons and with ways to rescue the rest.',
    'Select up to four and compare them side by side.',
  ],
  '/make/patterns/[id]/compare': [
    'Compares up to four fabrics for one pattern, property by property.',
    'Differences stand out; you can measure what is missing from here.',
    'Every figure has some error: a small difference may be none.',
  ],
  '/make/patterns/[id]/edit': [
    'Edits what a pattern needs.',
    'Correct what we read wrongly; matches update at once.',
    'Each length is for one width: enter the width beside it.',
  ],
  '/make/patterns/[id]/pieces': [
    'Holds the outlines of a pattern’s pieces.',
    'Import DXF or SVG, trace a photo, enter measurements, or add corner by corner.',
    'Check the test square: a file without units may have the wrong size.',
  ],
  '/make/patterns/[id]/layout': [
    'Lays out the pattern pieces on one fabric: is it enough, and what is left?',
    'Let it work for a few seconds; then move, turn or lock pieces and try again.',
    'Your stash changes only when you mark it as cut: then the offcuts are added.',
  ],
  '/learn': [
    'Offers things to look up, practise and print.',
    'Search finds all of it: press “/” anywhere.',
    'It comes from the same data as our results.',
  ],
  '/learn/first-burn': [
    'Shows beginners what to gather, and a first safe burn test.',
    'Ten minutes, two threads that you know, and a bowl of water.',
    'Never near children or pets, and never near anything that hangs.',
  ],
  '/learn/today': [
    'Brings back what you should practise today.',
    'Choose five or twenty minutes; what you are likely to forget comes first.',
    'Start, do as many as you like, and continue with the next.',
  ],
  '/learn/practice': [
    'Shows realistic burn tests without a flame.',
    'Ask for as few clues as you need, then answer and say how sure you are.',
    'Being sure and wrong costs more than doubt: that is what you practise.',
  ],
  '/learn/name': [
    'Shows fabrics to name by looking, next to the ones they are confused with.',
    'Look at it in the hand, through the loupe, and against the light.',
    'After your answer we show the one look that tells them apart.',
  ],
  '/learn/warp-and-nap': [
    'Draws a fabric: find the warp, the right side and the direction of the pile.',
    'Say what you see and how sure you are; each drawing is new.',
    'After your answer we show what tells it, on real fabric as in the drawing.',
  ],
  '/learn/figures': [
    'Lets you guess weight, length and stretch of your own fabrics.',
    'Take the fabric off its shelf, guess, and see what you measured.',
    'Notice which way you are off: you can learn to correct it.',
  ],
  '/learn/blind-test': [
    'Tests you on your own known samples, under letters.',
    'Print the labels, let somebody else pack, then burn or feel the samples.',
    'The answers appear after your last one.',
  ],
  '/learn/group': [
    'Gives a whole class the same samples.',
    'Make a set and share its file; everybody answers alone; then compare.',
    'Results are files too: nothing leaves your device unless you send it.',
  ],
  '/learn/score': [
    'Shows how well you judge your own certainty.',
    'On the line: as sure as you are right. Below it: too sure.',
    'Twenty answers tell little; fifty tell something.',
  ],
  '/learn/compare': [
    'Compares any two fibres.',
    'The best way to tell them apart comes first.',
    'One look is rarely enough: use two different ones.',
  ],
  '/learn/convert': [
    'Converts ounces and grams, yards and metres, yarn counts, needles, stretch and iron dots.',
    'Type on either side.',
    'Here an ounce is per square yard, not per running yard.',
  ],
  '/learn/help': [
    'Answers common questions in one or two sentences.',
    'Select a question to open the page that answers in full.',
    'Search finds these answers too: type your question.',
  ],
  '/learn/words': [
    'Lists words that differ between the UK and the US.',
    'Search finds both, whichever you use.',
    'Muslin, calico and jumper cause the costliest mistakes.',
  ],
  '/learn/fibres': [
    'Lists every fibre: how it burns, what it weighs, how hot to iron it.',
    'Open one to see what it is confused with, and which of your fabrics contain it.',
    'Every figure has its source beside it.',
  ],
  '/learn/units/[id]': [
    'Explains one unit and where you meet it.',
    'Its figures stand beside those of similar units; each opens its own page.',
    'To convert your own figure, go back to Convert units.',
  ],
  '/learn/tests/[id]': [
    'Explains one test, from how to do it to what it shows.',
    'Beside each answer you see the fibres that are likely after it.',
    'You can compare two fibres that it tells apart.',
  ],
  '/learn/techniques/[id]': [
    'Shows one sewing technique step by step, drawn from the edge of the fabric.',
    'Below are the fabrics that it suits.',
    'Your own test scraps appear here with their photos.',
  ],
  '/learn/care/[id]': [
    'Explains one care symbol.',
    'How each fibre is cared for shows which fibres tolerate it.',
    'Below are your fabrics with this symbol on their label.',
  ],
  '/learn/fibres/[id]': [
    'Tells you all about one fibre.',
    'Below are the four fibres that are hardest to tell from it, and how to tell them apart.',
    'Finishes and dyes change how it burns: we say where.',
  ],
  '/learn/fabrics': [
    'Explains what shops mean by a fabric’s name.',
    'Open one to see a drawing and what it is confused with.',
    'The same name can mean another fabric in the US or the UK.',
  ],
  '/learn/fabrics/[id]': [
    'Explains one fabric: what makes it, and what it is confused with.',
    'Similar fabrics come with what tells them apart.',
    'Weights are usual ones: your stash shows your own.',
  ],
  '/learn/care': [
    'Explains the symbols on care labels.',
    'Find yours by its shape; beside it is what it allows and how many of your fabrics tolerate ' + 'it.',
    'A label covers the whole garment: its weakest part decides.',
  ],
  '/learn/cards': [
    'Prints reference cards to hang up.',
    'Choose the cards; they come from the same data as the pages.',
    'The cautions are printed with them: please leave them on.',
  ],
  '/learn/weave': [
    'Draws any weave as fabric, front and back.',
    'Start from a known weave and press squares to change it.',
    'You can open and save WIF files from weaving programs.',
  ],
  '/learn/techniques': [
    'Shows seams, hems and techniques step by step.',
    'Each says what it is for and what it is not for; your test scraps are below it.',
    'Try each one on a scrap of the same fabric.',
  ],
  '/safety': [
    'Lists the cautions for flame, fumes, bleach, acetone, dyes, blades and irons.',
    'Read them before your first burn test; print them for the wall.',
    'Local rules and the maker’s instructions come first.',
  ],
  '/settings': [
    'Sets units, vocabulary, theme and motion.',
    'Changes apply at once and are saved in this browser.',
    'We store figures in metric units: changing units loses nothing.',
  ],
  '/search': [
    'Searches pages, fabrics, patterns, fabric names and words.',
    'Press “/” anywhere; small spelling mistakes are fine, and UK and US words both work.',
    'Search does not find what is in the bin.',
  ],
}

/** The three lines of a page; of a measuring bench, those that all of them share. */
export function helpFor(path: string): HelpLines | undefined {
  return helpLines[path] ?? (path.startsWith('/identify/measure/') ? MEASURE : undefined)
}

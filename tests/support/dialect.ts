/**
 * Phrases of the dialect that the program once spoke, with what is said now. The list grows: whoever finds one on a
 * page adds it here.
 */
export const DIALECT: readonly (readonly [RegExp, string])[] = [
  [/\bspecimens?\b/i, 'sample'],
  [/\bverdicts?\b/i, 'result'],
  [/\bburn bench\b|\bthe bench\b|\bat the bench\b/i, 'burn test'],
  [/\bcontrols? box\b|\bknown pieces?\b/i, 'known samples'],
  [
    /(?<!through )\b(?:the|this|a|no|of|that|its|each|every|such|which) cloths?\b(?! (?:cover|cap|between))/i,
    'fabric',
  ],
  [/\bkept back\b/i, 'reserved'],
  [
    /\b(?:not|was|is) kept\b|\bkeep it\b(?! (?:dry|flat|hot|in a|at a|there|away|apart|for|as small|without))/i,
    'saved',
  ],
  [/\bwritten down\b|\bwrite (?:them|a pattern|down)\b/i, 'recorded, entered'],
  [/\bwhat is known\b|\bwas seen\b|\bwhat you saw cannot\b/i, 'what we know, your answers'],
  [/\bsettles? it\b|\bnot settled\b|\bwhat would settle\b/i, 'tell for certain'],
  [/\breckon(?:s|ed|ing)?\b/i, 'estimate, allow for'],
  [/\bforetold\b|\bforetell/i, 'estimated'],
  [/\bsureness\b/i, 'certainty'],
  [/\bmiddling\b/i, 'medium'],
  [/\btakes? (?:it|this|that) away\b|\bput (?:it|this) away\b|\bstrike out\b/i, 'delete'],
  [/\bthrow(?:n)? (?:it|this|that) away\b(?! where)|\bthrown away\b/i, 'delete'],
  [/\blet it (?:stand|lie)\b/i, 'use, keep'],
  [/\bthe pattern (?:wants|wishes)\b|\bwants? (?:a|an|the|to be|some)\b/i, 'needs'],
  [/\bbears? (?:the|it|a|an|both|what)\b/i, 'tolerates'],
  [/\bgives? (?:about alike|with the cloth)\b/i, 'stretch'],
  [/\bto the dry-cleaner\b/i, 'dry clean'],
  [/\btaken for\b/i, 'confused with'],
  [/\bno such .* is called so\b|\bis called so\b/i, 'there is no … with this name'],
  [/\bhead (?:or|for|to) foot\b/i, 'upside down'],
  [/\bstill to come\b|\bby itself every time\b/i, 'done, later'],
  [/\bworth doing\b|\bwhat somebody who\b/i, 'suggested'],
  [/\btouched last\b/i, 'recent'],
  [/\bcloth in (?:your|the) hand\b|\bin hand\b/i, 'the fabric you are identifying'],
  [/\bdear\b/i, 'expensive'],
  [/\bwhat does it come to\b|\bwhat it comes to\b/i, 'result'],
  [/\bas you like it\b/i, 'your preference'],
  [/\bnothing .*answers to\b/i, 'we found'],
  [/(?<!by )\bheaps?\b/i, 'pile'],
  [/\bsome of the stash\b|\bpieces? of the stash\b/i, 'fabrics in your stash'],
  [/\bwith its doubt\b/i, 'give or take'],
  [/\btrued\b|\btrue the\b|\bpressed and true\b/i, 'straighten'],
  [/\bit (?:is a|be a) (?:jeans|trousers|shorts)\b/i, 'made up as'],
  [/\bno\. \d|\bno\. …/i, 'a plain name'],
  [/\bmostly\b/i, 'usually'],
]

/** Words of a checker of forms that no person says. */
export const VALIDATOR_WORDS = new RegExp(
  [
    '\\binvalid (?:input|type|enum|string|format)\\b',
    '\\breceived (?:null|undefined|nan)\\b',
    '\\bexpected (?:number|string|object|array|boolean)\\b',
    '\\bunrecognized key',
  ].join('|'),
  'i',
)

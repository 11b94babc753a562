import type { Cue } from './cue';

const OTHERS: readonly Cue[] = [
  // "The higher spec model has cruise control", "the old model had a single disc".
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})[Tt]he (?:(?:higher|top|upper|fancier|posher|pricier|dearer|cheaper|base|more expensive)(?:[- ]spec)?|old|older|previous|outgoing|earlier|pre-\p{L}+) (?:models?|versions?|trims?|variants?|editions?|generation|bikes?|ones?) (?:has|have|had|gets?|got|comes?|came|adds?|offers?|used)(?!\p{L})/u,
  },
  {
    standing: 'of-another',
    words: /(?<!\p{L})unlike (?:the|its|my)(?!\p{L})[^.,;]{0,40},? (?:which|that)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?:(?<!\p{L})(?:my|the) |^[^\p{L}\d]*)(?:previous|prior|former|outgoing) (?:bike|one|ride|machine|model|version|generation|motorcycle|motorbike)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})my (?:old|last|current|other|first)(?: (?:bike|one|ride|machine))?(?= (?:had|has|was|is|came|got)(?!\p{L}))/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})the (?:bike|one|machine) (?:before (?:this|it|that)|I (?:had|rode|owned) before)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:the (?:only |obvious |main |usual )?(?:competition|competitors?|opposition|alternatives?)|(?:most|many|all|some|few|none) (?:of )?(?:(?:its|the|my|their|other) )*(?:rivals?|competitors?|bikes?|others|machines|alternatives)|the average (?:bike|one|machine)|other (?:bikes|machines|makers)(?: in)?)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})the (?:race|works|dakar|competition|pure enduro) (?:bike|version|model|edition)(?!\p{L})|(?<!\p{L})the big (?:twins?|singles?|adventure bikes?|bikes?)(?!\p{L})|(?<!\p{L})the first gen\p{L}*(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:the )?(?:pre|before)[- ](?:19|20)\d\d (?:bikes?|models?|ones?|versions?|machines?|examples?)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})the (?:19|20)\d\d (?:model|one|version|bike) (?:had|was|weighed|made|got|cost|did|came|held)(?!\p{L})/iu,
  },
];

/** "Air-cooled engines are a thing of the past", "liquid cooling is overrated": said of a kind, without an article. */
const OF_ALL: readonly Cue[] = [
  {
    standing: 'of-another',
    factsOnly: true,
    behind: true,
    words:
      /(?<!(?<!\p{L})(?:the|its|these|those|my|this|that|his|her) (?:[\p{L}-]+ ){0,4})(?:(?<=\p{L}s )are|(?<=\p{L} )is) (?:(?:all |just |simply |probably |fast |quickly |now )?(?:a thing of the past|history|dead|outdated|obsolete|going extinct|a dying breed)|(?:over|under)rated|overkill|pointless|useless|unnecessary|for (?:wimps|posers|the (?:road|street|track)|tarmac|old men)|(?:nice to have|not (?:really )?(?:needed|necessary|my thing|for me|for everyone|what))|(?:getting )?rare|out of (?:fashion|my (?:budget|reach)|reach)|the future|a matter of taste|what (?:most|many|other) )(?!\p{L})/iu,
  },
];

/** Relations, and what is not out yet. */
const RELATED: readonly Cue[] = [
  // "Tubeless spokes are standard on the R only", "nur bei der R", "uniquement sur la version R".
  {
    standing: 'of-another',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:[Oo]nly (?:on|for|with|available on|fitted to|offered on) the (?!(?:LED|ABS|USB|TFT|A1|A2|UK|US|EU)(?!\p{L}))\p{Lu}[\p{L}\d]{0,11}|(?:on|to|for|with) the (?!(?:LED|ABS|USB|TFT|A1|A2|UK|US|EU)(?!\p{L}))\p{Lu}[\p{L}\d]{0,11}(?: (?:model|version|edition|trim|variant))? only|[Nn]ur (?:bei der|für die|in der|an der)(?: Version)? \p{Lu}[\p{L}\d]{0,11}|(?:uniquement|seulement) (?:sur|pour) (?:la|le|l['’])(?: ?version| ?modèle| ?finition)? ?\p{Lu}[\p{L}\d]{0,11}|[Ss][óo]lo en (?:la|el)(?: versión| modelo)? \p{Lu}[\p{L}\d]{0,11}|[Ss]olo (?:sulla|per la|sul)(?: versione| modello)? \p{Lu}[\p{L}\d]{0,11})(?![\p{L}\d])/u,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:the|its|my|an?) (?:\p{L}+ )?(?:prototype|concept(?: bike)?|sister(?: model| bike)?|sibling|little brother|big brother|cousin|van|car|camper|truck|(?:cheaper|dearer|bigger|smaller|taller|shorter) one|one next to it)(?= (?:has|had|weigh|make|hold|get|got|is|was|come|came|offer))/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:(?:says|said|reckons) (?:his|hers|theirs)|(?:his|hers|theirs)(?= (?:has|had|weighs|makes|gets|holds|is)(?!\p{L})))(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:(?:next year['’]s|the next|the coming) (?:model|one|version|bike)|the 20\d\d (?:model |one |version |bike )?will)(?!\p{L})/iu,
  },
];

/** What it is set against, or called to mind by, and what it is said not to be. */
const OF_A_KIND: readonly Cue[] = [
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:than (?:an?|any|most|every|your average)|reminds? (?:me|you|us|one) of|reminiscent of|compared (?:to|with) an?|(?:half|twice|double|a third of|a fraction of) the (?:price|weight|cost|power|size) of an?)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:it|this|that)(?: is|['’]s) not|(?:it|this|that) (?:isn|ain)['’]t) an?(?!\p{L})/iu,
  },
];

/** What came with it in another form, or is had in a pack of extras. */
const OF_A_PACK: readonly Cue[] = [
  // "Cruise control, quickshifter and heated grips are part of the £900 Tour pack".
  {
    standing: 'optional',
    factsOnly: true,
    whole: true,
    words:
      /(?<!\p{L})(?:are|is|come|comes|being)(?: all| both)? (?:part of|included in|bundled (?:in|with|into)|only in) (?:the|an?) (?:[£$€]? ?[\d.,]+ ?(?:€|euros?|pounds|dollars)? )?(?:\p{L}+ ){0,2}(?:packs?|package|bundle|kit|option)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:only |comes? |available |optional(?:ly)? |offered |needs? |requires? )(?:only )?(?:(?:with|in|as part of) )?(?:the|an?) (?:[£$€]? ?[\d.,]+ ?(?:€|euros?|pounds|dollars)? )?(?:\p{L}+ ){0,2}(?:packs?|package|bundle)(?!\p{L})/iu,
  },
  // "With the optional touring pack: 19 l tank, tall screen, 169 kg".
  {
    standing: 'optional',
    words:
      /(?<!\p{L})(?:with|plus|incl(?:uding|\.)?|wearing|carrying) (?:the |an? |all (?:the )?)?optional (?:\p{L}+[- ]){0,2}(?:pack(?:age|s)?|kit|bundle|equipment|extras|accessories|gear)(?: fitted| included)?\s?(?::|\(|[-–—](?= ))/iu,
  },
  // "Kickstart deleted for 2020".
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:was|is|were|are|has been|have been|got) )?(?:deleted|dropped|removed|discontinued|axed)(?! (?:from|to|by) \d)(?! (?:it|in|a|the|on)(?!\p{L}))(?!\p{L})/iu,
  },
  // "The shaft drive rivals cost two grand more", "the belt-driven cousin coming next year".
  {
    standing: 'of-another',
    factsOnly: true,
    behind: true,
    words:
      /(?<=\p{L} )(?:rivals?|competitors?|cousins?|siblings?|stablemates?|alternatives?|competition|opposition) (?:costs?|are|is|have|has|weighs?|coming|comes?|from|at|will|all|which|that|makes?|offers?)(?!\p{L})/iu,
  },
];

const CHANGED: readonly Cue[] = [
  {
    standing: 'changed',
    factsOnly: true,
    words: /(?<!\p{L})(?:aftermarket|retrofitted|upgraded to)(?!\p{L})(?! parts)/iu,
  },
  // "Swapped the cast wheels for spoked ones": what it came with stands first.
  {
    standing: 'changed',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:swapped|replaced|changed|ditched|binned|exchanged|traded)(?: out)? (?:the|my|its|their|those) [^.;,]{1,40}? (?:for|with|to)(?!\p{L})/iu,
  },
  // "With the big 23 litre tank it weighs 215 kg".
  {
    standing: 'changed',
    words:
      /(?<!\p{L})with (?:the|an?) (?:bigger|larger|long[- ]range|safari|optional|accessory|(?:big|large)(?= [\d.]+[- ]?(?:l|lit(?:re|er)s?|gal\p{L}*) tank[^.;]{0,12} (?:it|she|you)['’ ])) (?:[\d.]+[- ]?(?:l|lit(?:re|er)s?|gal\p{L}*) )?tank(?!\p{L})/iu,
  },
  // "If you fit the tall screen and the 23-litre tank you'll be at 215 kg".
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:if|once|when|should) (?:you|I|we|one|somebody) (?:also )?(?:fit|add|bolt on|install|upgrade to|swap (?:to|in)|put on|spec|order|tick)(?!\p{L})/iu,
  },
  // "890 mm with the tall one", "with the comfort seat it is 890".
  {
    standing: 'changed',
    behind: true,
    words:
      /(?<=\d ?(?:mm|cm|in|inch(?:es)?|")? )(?:with|on) (?:the|an?) (?:optional )?(?:tall|taller|high|higher|rally|comfort|touring) (?:seat|saddle|one|option)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\d ?(?:mm|cm|in|inch(?:es)?|")? )(?<!\p{L})(?:with|on) (?:the|an?) (?:optional )?(?:tall|taller|high|higher|rally|comfort|touring) (?:seat|saddle)(?!\p{L})/iu,
  },
  // "With the Morlund seat": a maker of parts.
  {
    standing: 'changed',
    words:
      /(?<!\p{L})[Ww]ith (?:the|an?|my|his|her|its) \p{Lu}\p{Ll}[\p{L}'’-]* (?:\p{Ll}+ )?(?:seat|saddle|can|silencer|muffler|exhaust|pipe|tank|screen|shock|springs|suspension|links?|sprockets?|kit)(?: (?:on|fitted|in))?(?!\p{L})/u,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:(?:once|previously|formerly) (?:had|made|weighed|held)|used to (?:have|make|weigh|hold|get|be|do))(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:with (?:an?|the|my) (?:bigger|smaller|larger|different) (?:\p{L}+ )?sprockets?|(?:after|by|once|when) (?:I |we )?(?:lower(?:ing|ed)|rais(?:ing|ed)|derestrict(?:ing|ed)|tun(?:ing|ed))(?: it)?)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:(?:when |once )?(?:fully |all )?loaded(?: up)?|with (?:my |the |all (?:the|my) |full )?(?:luggage|bags|panniers|cases)(?: on| aboard)?),? (?=(?:it|she|the bike|mine) (?:weighs|weighed|is|was|comes to|tips)(?!\p{L}))/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:with|after|since|thanks to) (?:the|an?|my|this|that)(?: \p{L}+){0,3} (?:kit|remap|tune|re-?flash|big bore|exhaust|full system|lowering links?|links|cams?)(?: (?:fitted|installed|on|in|done))?(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:with|after|since|thanks to) (?:the|an?|my|this|that)(?: \p{L}+){0,2} (?:bigger|larger|long[- ]range|aux\p{L}*|desert|safari|aftermarket) tank(?: (?:fitted|installed|on))?(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:the|my|this) (?:\p{L}+ )?kit (?:makes|brings|gives|drops|raises|lifts|takes)(?!\p{L})/iu,
  },
];

/** Said in English of another machine, of a pack of extras, or of what a part made of this one. */
export const ENGLISH_CUES_OF_OTHERS: readonly Cue[] = [
  ...OTHERS,
  ...OF_ALL,
  ...RELATED,
  ...OF_A_KIND,
  ...OF_A_PACK,
  ...CHANGED,
];

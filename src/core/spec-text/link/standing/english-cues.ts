import type { Cue } from './cue';
import { ENGLISH_CUES_OF_OTHERS } from './english-cues-of-others';

const WISHED: readonly Cue[] = [
  { standing: 'wished', words: /(?<!\p{L})(?:I|we|one|you)(?: \p{L}+)? wish(?:ed)?(?!\p{L})/iu },
  {
    standing: 'wished',
    words: /(?<!\p{L})(?:if only|imagine (?:if|it|one|an?)|ideally)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /(?:(?<!\p{L})would|['’]d) (?:be|have been) (?:\p{L}+ )?(?:nice|great|perfect|good|better|ideal|lovely|cool|awesome|handy|useful|welcome|interesting|happy|happier|tempted)(?: \p{L}+)? (?:if|to have|with)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:I|we|you)(?:['’]d| would) (?:buy|have|like|love|want|need|prefer|rather|kill|trade|swap|settle)(?! (?:to say|said|thought)(?!\p{L}))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:I|we)(?: (?:\p{L}+ )?)?(?:want|need|require)(?:ed)? (?:(?:was|is) )?(?:an?|some|something|at least|more|less|no more|under|over|it to (?:have|be|weigh|do|get|make|hold)|to have|(?=[\d.,]+ ?(?:kg|lbs?|mm|in|inches|l|lit|hp|km|mi|nm)(?!\p{L})))(?! (?:oil change|service|valve|new|refill|fill))/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})if (?:you|one|somebody|someone)(?:['’]re| are)? (?:\p{L}+ )?(?:wants?|needs?|likes?|prefers?|expects?|after|looking for|insists? on)(?!\p{L})/iu,
  },
  // "Tiny, would need a tall one".
  {
    standing: 'wished',
    factsOnly: true,
    words:
      /(?:(?<!\p{L})(?:would|could|might|may)|['’]d) (?:\p{L}+ )?(?:need|want|require|do with|benefit from|use an?)(?!\p{L})/iu,
  },
  // "need: range 300 km -> 333, ok".
  {
    standing: 'wished',
    words:
      /(?:^|[.;\n]\s*|[-*•]\s)(?:my |our )?(?:needs?|wants?|wanted|must|requirements?|target|ideal|expected|hoped(?: for)?|predicted|rumou?rs?|rumou?red|soll|bedarf|gesucht|wunsch|erwartet|brauche|besoin|souhaité|voulu|attendu|idéal|necesito|deseado|esperado|bisogno|desiderato|atteso|nodig|wens|gezocht|verwacht|önskas|sökes)\s?:/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:wish ?list:?|all (?:I|you|we) (?:want|need|ask for)|(?:it|bike|machine|one) (?:has|needs|had|would have) to (?:have|weigh|do|make|hold)|must[- ]haves?)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:(?:anything|nothing|everything) (?:with|under|over|below|above|less than|more than|that (?:has|weighs|makes|holds))|something (?:with|that (?:has|weighs|makes|holds)))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:(?:I|we|you) (?:wouldn['’]t|would not|don['’]t|do not|won['’]t|would never|never) (?:buy|need|want|ride|miss)|nobody (?:needs|wants)|no ?one (?:needs|wants)|who (?:needs|wants))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:(?:I|we)(?:['’]d| had)? (?:expected|hoped|assumed)|(?:I|we) (?:was|were) (?:expecting|hoping|told to expect)|(?:they|he|she) promised|(?:was|were) promised)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /^\s*(?:(?:does|do|did|is|are|has|have|can|could|will|would|why|who|which|any|anyone|anybody|what if)(?!\p{L}))(?=[^?]*\?\s*$)(?! (?:I|we) mention)/iu,
    asked: true,
    factsOnly: true,
  },
  {
    standing: 'wished',
    behind: true,
    words:
      /(?:(?<!\p{L})would|['’]d) (?:be|have been) (?:\p{L}+ )?(?:nice|great|perfect|good|better|ideal|lovely|cool|awesome|handy|useful|welcome)(?!\p{L})/iu,
  },
];

/** "It should have a 20 litre tank", "as if it had": what might be, and is not known to be. */
const SUPPOSED: readonly Cue[] = [
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:it|this|that|they|she|he|bike|model|version|one)(?:['’]d|['’]ll| (?:would|could|should|might|may|will|ought to))(?: \p{L}+ly| also| even| only| just)? (?:have(?: had| got)?|do with|come with)(?! (?:you|me|to|a look|a go)(?!\p{L}))(?!\p{L})|(?<!\p{L})(?:it|they|she) could use(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:as if (?:it|they|she|the)|pretend|assuming|assume|let['’]?s (?:say|assume|suppose)|(?<!(?:I|we|you)(?: would|['’]d)? )suppose(?!d)|supposing|for the sake of argument|hypothetically)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:(?:I|we)(?: really)? (?:don['’]t|do not) (?:think|believe|reckon|know (?:if|whether))|(?:I['’]m|we['’]re|am) not sure(?: if| whether| that)?|nobody (?:believes|thinks)|have you (?:believe|think)|you['’]d think)(?!\p{L})(?! [£$€]?\d)/iu,
  },
];

/** What somebody wants of a machine, without an article: "I need shaft drive". */
const WANTS: readonly Cue[] = [
  {
    standing: 'wished',
    factsOnly: true,
    words: /(?<!\p{L})(?:I|we)(?: \p{L}+)? (?:want|need|require)(?:ed)?(?!\p{L})(?! to )/iu,
  },
];

const DENIED: readonly Cue[] = [
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:does|do|did|has|have|had|wo|will|ca|can|could|would)(?:n['’]?t| ?not)(?: (?:even|really|actually|quite|ever|yet|currently))*(?: (?:have|got|get|make|weigh|hold|come with|offer|cost|give|reach|include|feature|carry|see|expect|do|find|need))(?! (?:me|to|enough|lost)(?!\p{L}))(?! more than| less than)(?: any| an?| the)?(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    words: /(?<!\p{L})(?:hasn|haven|hadn)['’]?t (?:an?|any|the|got)(?!\p{L})/iu,
  },
  { standing: 'denied', words: /(?<!\p{L})(?:lacks|lacked|is lacking|devoid of)(?!\p{L})/iu },
  {
    standing: 'denied',
    whole: true,
    words:
      /(?<!\p{L})(?:(?:it|that|this)(?:['’]s| is| was) (?:simply |just )?(?:not true|a myth|a lie|nonsense|rubbish|wrong|false|an error)|(?:is|was)n['’]t true) that(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    behind: true,
    words:
      /(?<!\p{L})(?:which|that)(?:['’]s| is| was) (?:simply |just |plain |complete |utter |obviously )?(?:nonsense|rubbish|wrong|not true|untrue|a lie|bull\p{L}*|false|a myth|incorrect|an? (?:error|mistake|typo))(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<![\p{L}-])(?:no|without|sans|zero|neither|nor|minus|nor an?|is missing|are missing|missing|(?:is|are|was)n['’]t (?:any|an?))(?![\p{L}-])(?! (?:more|less|longer|need|problem|doubt|fuss|issues?)(?!\p{L}))/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:is|are) (?:missing|absent|not (?:available|offered|fitted|included|an option)|nowhere)|(?:is|are)n['’]t (?:available|offered|fitted|included|an option|there)|(?:it|they) (?:isn|ain|aren|hasn|doesn)['’]t|it is not(?! )|not (?:available|offered)|(?<!nothing )missing)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:is|are|as|only) (?:an? )?(?:optional|extra|option)s?|optional(?:ly)?|(?:costs?|at) (?:extra|more)|extra cost|sold separately|not standard|(?:available|comes|come) (?:as an option|for extra))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:optional(?: extras?)?(?: is| are|:)?|options (?:are|include)|you can (?:add|order|spec)|available with|can be had with)(?!\p{L})/iu,
  },
];

/** "I miss cruise control", "no need for a centre stand". */
const MISSED: readonly Cue[] = [
  {
    standing: 'wished',
    factsOnly: true,
    words: /(?<!\p{L})(?:no (?:need|want) (?:for|of)|(?:don|doesn)['’]t need)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:I|we|you|one|he|she)(?:['’]ll|['’]d)? (?:\p{L}+ )?(?:miss|missed|misses|do without|did without|go without))(?!\p{L})/iu,
  },
];

/** Said in English of what this machine is not. */
export const ENGLISH_CUES: readonly Cue[] = [
  ...WISHED,
  ...SUPPOSED,
  ...WANTS,
  ...DENIED,
  ...MISSED,
  ...ENGLISH_CUES_OF_OTHERS,
];

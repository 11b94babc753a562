import { spelt } from '../../vocabulary/letters';
import type { Cue } from './cue';

/** A part, perhaps with its size: "the 19 litre tank", "a tall screen". */
const A_PART = String.raw`(?:(?:the|a|an|my|its|his|her|another|some|that|this|both|two|den|die|das|ein(?:en?|e)?|meinen?|le|la|les|une?|mon|ma|il|lo|un[oa]?|el|de|een|mijn) )?(?:(?!(?:with|avec|mit|con|met|and|und|et|y|e|en|med|bike|model)[- ])[\p{L}\d][\p{L}\d.,'’]*[- ]){0,3}(?:(?:\p{L}*-)?tank|zusatztank|zubehörtank|screen|windscreen|windschield|scheibe|windschild|seat|sitzbank|hand ?guards|handguards|guards?|bash plate|skid plate|rims|wheels|felgen|räder|exhaust|rack|shock|fork|stand|pegs|panniers|top ?box|cruise control|quickshifter|abs|koffer|topcase|hauptständer|rasten|soziusrasten|maletas|valises|béquille|caballete|cavalletto|réservoir|bulle|selle|protège-mains|sabot|jantes|depósito|pantalla|asiento|cubremanos|cubrecárter|llantas|serbatoio|cupolino|sella|paramani|paramotore|cerchi|zadel|windscherm|velgen)(?!\p{L})`;
const SOLD =
  'sell|selling|sold|part(?:ing)? with|removed?|removing|took off|taken off|take off|ditched|binned|got rid of|unbolted|threw in|thrown in|throw(?:s|ing)? in|ordered|ordering|have ordered|to fit|suche|suchen|verkaufe|verkauft|biete|bestellt|abgebaut|ausgebaut|abgeschraubt|retiré|démonté|enlevé|vends|vendu|commandé|cherche|quitado|quité|desmontado|vendido|pedido|busco|tolto|smontato|venduto|ordinato|cerco|verkocht|gehaald|besteld|zoek';

/** Parts that are not on the machine: for sale by themselves, taken off, in their box, or still to come. Common usage, no source. */
export const PARTS_APART: readonly Cue[] = [
  // "Will sell the 19 litre tank separately", "I removed the tall screen", "suche 19-Liter-Tank".
  {
    standing: 'wished',
    words: spelt(
      new RegExp(
        String.raw`(?<!\p{L})(?:${SOLD})(?: (?:noch|dazu|dafür|also|auch|aussi|anche|también|ook))?(?=:? (?:nur |only )?${A_PART})`,
        'iu',
      ),
    ),
  },
  // "Also available: 19 litre tank".
  {
    standing: 'wished',
    words: spelt(
      new RegExp(
        String.raw`(?<!\p{L})(?:also (?:available|for sale|selling|to sell|up for grabs)|available (?:separately|as well)|separately|gegen aufpreis|auf wunsch|auch zu verkaufen|ebenfalls zu (?:verkaufen|haben)|à vendre aussi|también (?:vendo|se vende)|anche in vendita|ook te koop)\s?:?(?= ${A_PART})`,
        'iu',
      ),
    ),
  },
  // "Next winter it gets a 19 litre tank", "im Winter kommt eine hohe Scheibe".
  {
    standing: 'wished',
    words: spelt(
      new RegExp(
        String.raw`(?<!\p{L})(?:(?:(?:next|this|over the|in the) (?:winter|spring|summer|autumn|fall|year|month|week|season),? (?:it|she|he|I|we)(?:['’]ll| will| am| is)?|soon|(?:it|she|he|I|we)(?:['’]ll| will|['’]s going to| is going to|['’]m going to)) (?:gets?|get|be getting|getting|have|fit|be fitting|add|install|put on|mount)|(?:bald|im (?:winter|frühjahr|sommer|herbst)|demnächst) (?:kommt|kommen|kriegt sie|bekommt sie)(?: noch)?|kommt (?:noch|bald)|bientôt|prossimamente|pronto (?:llega|le pongo)|binnenkort)(?= ${A_PART})`,
        'iu',
      ),
    ),
  },
  // "The tall screen is still in its box", "Koffer liegen bei", "réservoir vendu séparément".
  {
    standing: 'wished',
    behind: true,
    words:
      /(?<!\p{L})(?:(?:sold|selling|sell|sells|available|offered|going|priced|for sale) separately|still in (?:the|its|their) (?:box|wrapper|packaging)|never fitted|not (?:yet )?(?:fitted|mounted|installed)|unfitted|(?:is|are|sits?|lies?|still|stays?) (?:\p{L}+ )?in the (?:garage|shed|loft|attic)|wird (?:separat|extra|einzeln) verkauft|(?:separat|einzeln|extra) zu (?:haben|verkaufen)|liegt (?:noch )?(?:originalverpackt|im keller|in der garage|bei)|liegen (?:bei|im keller)|(?:noch )?originalverpackt|nicht (?:verbaut|montiert)|vendue?s? (?:séparément|à part)|(?:encore )?dans son (?:carton|emballage)|non montée?s?|se venden? (?:aparte|por separado)|sin (?:montar|estrenar)|(?:ancora )?nella scatola|venduti? a parte|non montat[oaie]|(?:los|apart) te koop|nog in de doos|niet gemonteerd|(?:gaat|gaan|zit) er los bij|los erbij|(?:lo|la|li|le) (?:vendo|vende) a parte|(?:a parte|aparte) (?:lo|la) vend[oe]|el (?:mes|año|invierno) que viene|le mois prochain|il mese prossimo|volgende maand|nästa (?:månad|vinter)|säljs (?:separat|löst)|medföljer (?:löst|omonterad)|selges separat|sælges separat|(?:sprzedam|do kupienia|dostępny) osobno)(?!\p{L})/iu,
  },
];

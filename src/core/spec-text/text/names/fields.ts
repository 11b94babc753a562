import { namedSo } from './titled';

/** What lines of their own say of a name: "Make: …", "Modell | …". */
export interface Fields {
  readonly maker?: string;
  /** Place of the line that says it. */
  readonly makerAt?: number;
  readonly model?: string;
  readonly year?: number;
}

/** Ends at the next cell, at the next name of a field in the same line, or with the line. */
const VALUE = String.raw`\s*[:=\t|]\s*(\S[^|:]{0,60}?)\s*(?=\||$|\. \p{Lu}\p{L}{1,14}(?:[ -]\p{L}{1,12})?\s?:|[,;]? (?:model|modell|modèle|modelo|modello|year|seat|curb|kerb|price|make|brand|engine|mileage)(?: \p{L}+)?\s*:)`;
const FIELD = {
  maker: new RegExp(
    String.raw`(?:^|\||\. )[\d.\s]*(?:year: ?\d{4},? )?(?:make|maker|brand|manufacturer|marque|marke|hersteller|marca|merk|märke|mærke|merke|značka|merkki|marka)${VALUE}`,
    'iu',
  ),
  model: new RegExp(
    String.raw`(?:^|\||(?<=(?:make|brand|marque|marke|marca|merk) ?: ?[^|:]{1,40} ))[\d.\s]*(?:(?<=(?:merk|marke|märke|mærke|merke|značka|merkki|marka) ?: ?[^|:]{1,40}\. )(?:type|typ|tyyppi)|model(?: name)?|modell|modèle|modelo|modello|(?:commercial|trade|market) (?:name|description)|handelsbezeichnung|dénomination commerciale|denominazione commerciale|denominación comercial)${VALUE}`,
    'iu',
  ),
  /** "Make/Model: Corrigan 501 Dakota". */
  both: new RegExp(
    String.raw`^\W{0,3}(?:make(?:r)?|brand|marke|hersteller|marque|marca|merk|märke|mærke)\s?(?:[/&+]|and|und|et|e|y|en|och|og)\s?(?:model|modell|modèle|modelo|modello|type|typ)${VALUE}`,
    'iu',
  ),
  year: /^\s*(?:year|model year|baujahr|bj|année|año|anno|jaar|ez|erstzulassung)\s*(?:[:=|.]\s*)?(?:\d{1,2}[/.])?((?:19|20)\d{2})/iu,
};

export function fieldsOf(
  lines: readonly { readonly line: string; readonly offset: number }[],
): Fields {
  let fields: Fields = {};
  for (const { line, offset } of lines) {
    const both = FIELD.both.exec(line)?.[1];
    const [first, rest] = both === undefined ? [] : partsOf(both);
    const maker = first ?? FIELD.maker.exec(line)?.[1];
    const model = rest ?? FIELD.model.exec(line)?.[1];
    const year = FIELD.year.exec(line)?.[1];
    fields = {
      ...fields,
      ...(maker ? { maker: namedSo(maker), makerAt: offset } : {}),
      ...(model ? { model: namedSo(model) } : {}),
      ...(year ? { year: Number(year) } : {}),
    };
  }
  return fields;
}

/** Maker and model of a name that has both, without the year before it. */
function partsOf(name: string): readonly [string, string] | readonly [] {
  const [maker, ...model] = name.replace(/^(?:19|20)\d\d\s+/u, '').split(/\s+/u);
  return maker && model.length > 0 ? [maker, model.join(' ')] : [];
}

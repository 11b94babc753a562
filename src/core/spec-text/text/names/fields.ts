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
const VALUE = String.raw`\s*[:=\t|]\s*(\S[^|:]{0,60}?)\s*(?=\||$|[,;]? (?:model|modell|modèle|modelo|modello|year|seat|curb|kerb|price|make|brand|engine|mileage)(?: \p{L}+)?\s*:)`;
const FIELD = {
  maker: new RegExp(
    String.raw`(?:^|\|)[\d.\s]*(?:year: ?\d{4},? )?(?:make|maker|brand|manufacturer|marque|marke|hersteller|marca|merk)${VALUE}`,
    'iu',
  ),
  model: new RegExp(
    String.raw`(?:^|\||(?<=(?:make|brand|marque|marke|marca|merk) ?: ?[^|:]{1,40} ))[\d.\s]*(?:model(?: name)?|modell|modèle|modelo|modello|(?:commercial|trade|market) (?:name|description)|handelsbezeichnung|dénomination commerciale|denominazione commerciale|denominación comercial)${VALUE}`,
    'iu',
  ),
  year: /^\s*(?:year|model year|baujahr|bj|année|año|anno|jaar|ez|erstzulassung)\s*(?:[:=|.]\s*)?(?:\d{1,2}[/.])?((?:19|20)\d{2})/iu,
};

export function fieldsOf(
  lines: readonly { readonly line: string; readonly offset: number }[],
): Fields {
  let fields: Fields = {};
  for (const { line, offset } of lines) {
    const maker = FIELD.maker.exec(line)?.[1];
    const model = FIELD.model.exec(line)?.[1];
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

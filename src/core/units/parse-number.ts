/**
 * Reads one plain number as people write it: `1234.5`, `1 234,5`, `1,234.5`, `1.234,5`, `-3`, `½` is not read.
 *
 * A single comma followed by exactly three digits is a thousands mark (`1,234` → 1234); any other single comma is
 * a decimal mark (`11,6` → 11.6). A single point is always a decimal mark.
 *
 * @returns the number, or `undefined` when the text is not one number.
 */
export function parseNumber(text: string): number | undefined {
  const compact = text
    .trim()
    .replace(/(?<=\d)[\s\u00a0\u202f'’](?=\d{3}(?:\D|$))/g, '')
    .replace(/^\u2212/, '-');
  if (!/^[+-]?[\d.,]*\d[\d.,]*$/.test(compact)) return undefined;
  const commas = compact.split(',').length - 1;
  const points = compact.split('.').length - 1;
  const grouped = (mark: string) => new RegExp(`^[+-]?[1-9]\\d{0,2}(\\${mark}\\d{3})+$`);
  let plain: string | undefined = compact;
  if (commas > 0 && points > 0) {
    const decimal = compact.lastIndexOf(',') > compact.lastIndexOf('.') ? ',' : '.';
    const thousands = decimal === ',' ? '.' : ',';
    const [whole = '', fraction = '', ...more] = compact.split(decimal);
    plain =
      more.length === 0 && grouped(thousands).test(whole)
        ? `${whole.replaceAll(thousands, '')}.${fraction}`
        : undefined;
  } else if (commas > 0) {
    plain = grouped(',').test(compact)
      ? compact.replaceAll(',', '')
      : commas === 1
        ? compact.replace(',', '.')
        : undefined;
  } else if (points > 1) {
    plain = grouped('.').test(compact) ? compact.replaceAll('.', '') : undefined;
  }
  if (plain === undefined) return undefined;
  const value = Number(plain);
  return Number.isFinite(value) ? value : undefined;
}

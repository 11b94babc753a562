const SPOKEN =
  /(?:,|\bin\b|\bthat(?:'s| is)\b|\bof course\b)\s*(?:that(?:'s| is) )?(millimetres|millimeters|mil|pounds|kilos|kilograms|inches|litres|liters|horsepower|miles|kilometres|kilometers)\b(?: that is| that's| of course)?/iu;
const SPOKEN_UNITS = {
  millimetres: 'mm',
  millimeters: 'mm',
  mil: 'mm',
  pounds: 'lb',
  kilos: 'kg',
  kilograms: 'kg',
  inches: 'in',
  litres: 'L',
  liters: 'L',
  horsepower: 'hp',
  miles: 'mi',
  kilometres: 'km',
  kilometers: 'km',
} as const;
export const spokenIn = (text: string) => {
  const word = SPOKEN.exec(text)?.[1]?.toLowerCase() as keyof typeof SPOKEN_UNITS | undefined;
  return word && SPOKEN_UNITS[word];
};

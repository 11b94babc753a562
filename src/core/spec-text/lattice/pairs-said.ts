import { spelt } from '../vocabulary/letters';
/** Lines where two numbers said one after the other are a pair of sprockets, or of rims. */
export const SPROCKETS = spelt(
  /(?<!\p{L})(?:gear(?:ing|ed)|gear it|chain|sprockets?|tooth|teeth|gone (?:up|down) to|geared|final drive|speed (?:gear)?box)(?!\p{L})/iu,
);

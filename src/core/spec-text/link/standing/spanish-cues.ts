import type { Cue } from './cue';

/** Said in Spanish of what this machine is not. */
export const SPANISH_CUES: readonly Cue[] = [
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:echo|echamos|se echa) (?:\p{L}+ )?de menos|no hace falta|sin necesidad de)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:comparad[oa]s? con|respecto (?:a|al) un?a?|(?:me|nos) recuerda|(?:más|menos|mejor|peor) [^.;,]{0,24}que una?|mi (?:vecino|amigo|hermano|padre) (?:tiene|lleva))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:sólo |solo |incluid[oa]s? )?(?:en|con) el (?:pack|paquete)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:si (?:le |se le |se )?(?:montas?|pones?|añades?|instalas?)|con el depósito (?:grande|ampliado|de gran capacidad))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    factsOnly: true,
    words: /(?<!\p{L})(?:yo )?(?:necesito|quiero|busco)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    behind: true,
    words: /(?<!\p{L})(?:estaría|sería|vendría) (?:bien|genial|mejor|ideal|perfect[oa])(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:me gustaría|quisiera|ojalá|(?:necesito|quiero|busco|prefiero) (?:una?|algo|al menos|mínimo|más|menos|(?=[\d.,]+ ?(?:kg|mm|cm|l|lit|km|nm|cv|ch|ps|kw)(?!\p{L})))|lo ideal sería|idealmente|estaría (?:bien|genial|mejor)(?: si| que)?|sería (?:perfecta?|ideal|mejor)(?: si| con)?|algo (?:con|de menos|de más)|si (?:quieres|queréis|necesitas|buscas|uno quiere)|quién necesita|no necesito|me prometieron|esperaba)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    asked: true,
    factsOnly: true,
    words: /^\s*¿?(?:tiene|lleva|trae|hay|por qué|quién|cuál|alguien)(?!\p{L})(?=[^?]*\?\s*$)/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:no (?:tiene|lleva|trae|pesa|hace|llega a|ofrece|incluye|cuenta con|hay)|le faltan?|carece de|no es (?:verdad|cierto) que|es (?:mentira|falso) que)(?! más de| menos de)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words: /(?<!\p{L})(?:sin|ni|faltan?|ningún|ninguna)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:no (?:está|están|viene|vienen) (?:disponibles?|incluid[oa]s?)|no (?:tiene|lleva|trae))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:es|son|como|en) (?:opcional(?:es)?|opción|extra)|opcional(?:es)?|se pagan? aparte)(?!\p{L})/iu,
  },
  { standing: 'optional', factsOnly: true, words: /(?<!\p{L})opcional(?:es)? ?:/iu },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:mi (?:moto )?(?:anterior|antigua|última|primera|otra)(?: moto)?|la (?:competencia|mayoría)|a diferencia d\p{L}+(?!\p{L})[^.,;]{0,40}?,? que|las demás|otras motos|el modelo anterior)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:con|tras|después de|gracias a) (?:el|la|un|una|mi)(?: \p{L}+)? ?(?:kit|reprogramación|centralita|bieletas?|escape)(?!\p{L})/iu,
  },
];

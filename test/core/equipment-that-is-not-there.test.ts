import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// Ways to say that a thing is not there, costs more or is gone, and that it is there; common usage, no source.
const TONGUES = {
  en: {
    head: 'Seat height 860 mm, tank 16 litres.',
    thing: 'cruise control',
    gone: 'does not have X|lacks X|X not included|X is missing|there is no X|X no|X? No|X: no|X is an option|X at extra cost|X would be nice|X sold separately|could do with X|it needs X|X was stolen|X is broken|X is not standard|Pro version adds X|neither X nor heated grips|X costs 300 extra|you have to pay extra for X|X can be retrofitted|X unavailable|they deleted X for this year|X is gone from this year’s model',
    there:
      'it has X|X as standard|comes with X and heated grips|X, no heated grips|X; luggage not included|X, panniers cost 300 extra|the screen is broken, X|X and heated grips, stand not fitted',
  },
  de: {
    head: 'Sitzhöhe 860 mm, Tank 16 Liter.',
    thing: 'Tempomat',
    gone: 'kein X|X fehlt|X nein|X nicht dabei|ohne X|X nur gegen Aufpreis|X auf Wunsch|X wäre schön|X nicht serienmäßig|auf X muss man verzichten|X sucht man vergeblich|X ist Zubehör|X nachrüstbar|X wurde gestrichen|X ist entfallen|X nicht möglich|X kostet extra|X wünsche ich mir|weder X noch Heizgriffe|X defekt|X abgebaut',
    there:
      'sie hat X|X serienmäßig|X, Koffer optional|X, Heizgriffe nicht vorhanden|X, Koffer auf Wunsch',
  },
  fr: {
    head: 'Hauteur de selle 860 mm, réservoir 16 litres.',
    thing: 'régulateur de vitesse',
    gone: 'pas de X|sans X|X absent|X non|X en option|X non fourni|X non disponible|X payant|X en supplément|X serait un plus|on regrette l’absence de X|X supprimé|X démonté|X cassé|X à prévoir',
    there:
      'elle a X|X de série|X, valises en option|X fourni d’origine|X, béquille centrale absente',
  },
  it: {
    head: 'Altezza sella 860 mm, serbatoio 16 litri.',
    thing: 'cruise control',
    gone: 'niente X|X assente|X no|X optional|X a richiesta|X non previsto|X non disponibile|X a pagamento|X non incluso|X rotto|X smontato|manca X',
    there: 'ha X|X di serie|X, borse optional|X, cavalletto assente',
  },
  es: {
    head: 'Altura del asiento 860 mm, depósito de 16 litros.',
    thing: 'control de crucero',
    gone: 'no tiene X|X no incluido|X no|X opcional|falta X|carece de X|X no disponible|X aparte|X roto|X desmontado|echo de menos X',
    there: 'tiene X|X de serie|X, maletas opcionales|X, caballete no incluido',
  },
  nl: {
    head: 'Zithoogte 860 mm, tank 16 liter.',
    thing: 'cruise control',
    gone: 'geen X|X ontbreekt|X nee|X niet aanwezig|X optioneel|X tegen meerprijs|X niet standaard|X mis ik|X alleen op de Pro',
    there: 'heeft X|X standaard|X, koffers optioneel',
  },
  sv: {
    head: 'Sitthöjd 860 mm, tank 16 liter.',
    thing: 'farthållare',
    gone: 'ingen X|X saknas|X nej|X ingår inte|X tillval|X mot tillägg',
    there: 'har X|X som standard|X, väskor tillval',
  },
  pl: {
    head: 'Wysokość siedzenia 860 mm, zbiornik 16 litrów.',
    thing: 'tempomat',
    gone: 'brak X|X brak|X opcja|X za dopłatą|nie ma X',
    there: 'ma X|X w standardzie|X, kufry opcja',
  },
  pt: {
    head: 'Altura do assento 860 mm, depósito de 16 litros.',
    thing: 'cruise control',
    gone: 'não tem X|X opcional|X não incluído|X à parte|X não disponível',
    there: 'tem X|X de série|X, malas opcionais',
  },
} as const;

const told = (head: string, said: string) =>
  readText(`Ostrel Senda 450\n${head} ${said[0]?.toUpperCase() ?? ''}${said.slice(1)}.`)
    .machines.flatMap((m) => m.proposals)
    .flatMap((p) => (p.key === 'cruiseControl' && p.kind === 'fact' && p.ticked ? [p.value] : []));

describe.each(Object.entries(TONGUES))('%s', (_tongue, { head, thing, gone, there }) => {
  test.each(gone.split('|'))('%s: not taken for there', (said) =>
    expect(told(head, said.replace('X', thing))).not.toContain('yes'),
  );
  test.each(there.split('|'))('%s: there', (said) =>
    expect(told(head, said.replace('X', thing))).toEqual(['yes']),
  );
});

test.each(['Tubeless spoked wheels: no.', 'Tubeless spoked wheels? No.'])(
  '%s: the thing itself may stand before the answer',
  (said) =>
    expect(
      readText(`Ostrel Senda 450\nSeat height 860 mm, tank 16 litres. ${said}`)
        .machines.flatMap((m) => m.proposals)
        .filter((p) => p.key === 'wheelType'),
    ).toEqual([]),
);

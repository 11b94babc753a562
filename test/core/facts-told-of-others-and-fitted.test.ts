import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const HEADS = {
  de: 'Sitzhöhe 860 mm, Tank 16 Liter.',
  fr: 'Hauteur de selle 860 mm, réservoir 16 litres.',
  it: 'Altezza sella 860 mm, serbatoio 16 litri.',
  es: 'Altura del asiento 860 mm, depósito de 16 litros.',
  en: 'Seat height 860 mm, tank 16 litres.',
};
/** Facts of a sentence behind a few figures in its language: "key value", with a "?" where the rider is asked. */
const facts = (language: keyof typeof HEADS, sentence: string) =>
  readText(`Ostrel Senda 450\n${HEADS[language]} ${sentence}.`).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.kind === 'fact' ? [`${p.key} ${p.value}${p.ticked ? '' : '?'}`] : [],
    ),
  );

// What an owner put on is none of the maker's; common usage, no source.
describe('fitted by its owner: asked about', () => {
  test.each([
    ['de', 'Tempomat habe ich nachgerüstet', 'cruiseControl yes?'],
    ['de', 'einen Alu-Motorschutz habe ich montiert', 'sumpGuard alloy?'],
    ['fr', 'sabot moteur en alu monté par mes soins', 'sumpGuard alloy?'],
    ['fr', "j'ai ajouté un régulateur", 'cruiseControl yes?'],
    ['it', 'ho montato il cruise control', 'cruiseControl yes?'],
    ['es', 'le he puesto control de crucero', 'cruiseControl yes?'],
    ['en', 'there is cruise control that I added', 'cruiseControl yes?'],
  ] as const)('%s: %s', (language, sentence, fact) =>
    expect(facts(language, sentence)).toEqual([fact]),
  );
});

describe('as it comes: taken', () => {
  test.each([
    ['de', 'Tempomat ist Serie', 'cruiseControl yes'],
    ['de', 'Motorschutz aus Alu ist Serie', 'sumpGuard alloy'],
    ['fr', 'régulateur de vitesse de série', 'cruiseControl yes'],
    ['it', 'cruise control di serie', 'cruiseControl yes'],
    ['es', 'lleva control de crucero', 'cruiseControl yes'],
    ['en', 'the bash plate is plastic', 'sumpGuard plastic'],
    ['en', 'it comes with a tall screen', 'screen tall'],
    ['en', 'the screen adjusts by hand over 50 mm', 'screen adjustable'],
    ['en', 'traction control that turns off', 'tractionControl switchable'],
    ['en', 'dual 310s up front and a single 240 out back', 'brakeFront twin-disc'],
    ['de', 'vorn zwei 320er Scheiben, hinten eine 260er', 'brakeFront twin-disc'],
    ['de', 'vorn nur eine Scheibe', 'brakeFront single-disc'],
    ['fr', 'un seul disque devant', 'brakeFront single-disc'],
    ['de', 'ein Zweizylinder in Reihe', 'layout parallel-twin'],
    ['en', 'chain rather than shaft', 'finalDrive chain'],
    ['en', 'rim locks as standard', 'rimLocks yes'],
  ] as const)('%s: %s', (language, sentence, fact) =>
    expect(facts(language, sentence)).toEqual([fact]),
  );
});

describe('of another version, another model, for more money or wished for: nothing', () => {
  test.each([
    ['de', 'Tempomat kostet 250 Euro extra'],
    ['de', 'Handschützer kosten extra'],
    ['de', 'Gussfelgen statt Speichen wären mir lieber'],
    ['en', 'the higher spec model has cruise control'],
    ['en', 'the old model had a single disc up front'],
    ['en', 'cruise control comes with the tech pack'],
    ['fr', 'protège-mains en option'],
    ['it', 'i cerchi a raggi sono optional'],
    ['es', 'las de radios son opcionales'],
  ] as const)('%s: %s', (language, sentence) => expect(facts(language, sentence)).toEqual([]));
});

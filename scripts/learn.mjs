// npm run learn: learns from the texts of test/corpus/tune what a number mostly means in which words, and writes it to the reader.
// npm run learn -- --folds: writes nothing; tells how many numbers are understood in texts that were left out.
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { load } from './lib/bundle.mjs';
import { trained } from './lib/logistic.mjs';
import { ROOT } from './lib/run.mjs';

/** Figures with fewer examples are not learnt. */
const EXAMPLES = 12;
const WEIGHTS = path.join(ROOT, 'src/core/spec-text/learnt/weights.json');

const { readText } = await load('src/core/spec-text/index.ts');
const { featuresOf } = await load('src/core/spec-text/learnt/features.ts');
const { sensesOf } = await load('src/core/spec-text/link/dimensions.ts');
const { chancesOf, modelFrom } = await load('src/core/spec-text/learnt/model.ts');
const { figureDefinition } = await load('src/core/readings/index.ts');
const { convert } = await load('src/core/units/index.ts');
const { corpus } = await load('test/corpus/corpus.ts');

const SAME = 0.011;

/** Whether a quantity as written may be this figure of the careful reader's list. */
function mayBe(quantity, { key, amount, unit }, s) {
  const definition = figureDefinition(key);
  if (!definition) throw new Error(`“${key}” in the corpus is no figure`);
  const { dimension } = definition;
  if (dimension === 'money')
    return quantity.amounts.some(
      (a) => a === amount || (quantity.unit === undefined && a * 1000 === amount),
    );
  // A bare number is in the unit that the careful reader understood, or in thousands of it.
  const units =
    quantity.unit === undefined
      ? [1, 1000].map((times) => ({ from: unit, times }))
      : sensesOf(quantity.unit, s.units)
          .filter((x) => x.dimension === dimension)
          .flatMap((x) => x.units.map((from) => ({ from, times: x.times ?? 1 })));
  return units.some(({ from, times }) =>
    quantity.amounts.some((a) => Math.abs(converted(a * times, from, unit) / amount - 1) < SAME),
  );
}

function converted(amount, from, to) {
  try {
    return convert(amount, from, to);
  } catch {
    return Number.NaN;
  }
}

/** Every quantity of a text that no rule rules out, with what the careful reader took it for. */
function samplesOf(text) {
  const wanted = text.machines.flatMap((m) => m.things).filter((t) => t.amount !== undefined);
  const samples = [];
  readText(text.text, {
    listen: (s, keys) =>
      s.quantities.forEach((q, i) => {
        if (s.blocked.has(i)) return;
        const fits = wanted.filter((w) => mayBe(q, w, s)).map((w) => w.key);
        const kind = fits.includes(keys[i]) ? keys[i] : (fits[0] ?? 'none');
        samples.push({ features: [...featuresOf(s, i)], kind });
      }),
  });
  return samples;
}

const texts = corpus('tune', path.join(ROOT, 'test/corpus')).filter((text) => !text.open);

/** What is learnt from these texts. */
function learntFrom(some) {
  const samples = some.flatMap(samplesOf);
  const counts = new Map();
  for (const { kind } of samples) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  const learnt = [...counts].filter(([kind, n]) => kind !== 'none' && n >= EXAMPLES);
  return { samples, model: trained(samples, ['none', ...learnt.map(([kind]) => kind).sort()]) };
}

/** Of the numbers in texts that were not learnt from: how many are understood, with all others learnt. */
function understood(folds) {
  const files = [...new Set(texts.map((t) => t.file))];
  let right = 0;
  let all = 0;
  for (let fold = 0; fold < folds; fold += 1) {
    const isApart = (t) => files.indexOf(t.file) % folds === fold;
    const model = modelFrom(learntFrom(texts.filter((t) => !isApart(t))).model);
    for (const { features, kind } of texts.filter(isApart).flatMap(samplesOf)) {
      const chances = chancesOf(model, features);
      all += 1;
      if (model.kinds[chances.indexOf(Math.max(...chances))] === kind) right += 1;
    }
  }
  return `${((100 * right) / all).toFixed(1)} % of ${all} numbers in texts not learnt from`;
}

if (process.argv.includes('--folds')) console.log(understood(5));
else {
  const { samples, model } = learntFrom(texts);
  writeFileSync(WEIGHTS, `${JSON.stringify(model)}\n`);
  console.log(
    `${samples.length} numbers, ${model.kinds.length - 1} figures, ${model.rows.split('\n').length} features`,
  );
}

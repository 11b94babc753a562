// Multinomial logistic regression over named features, by AdaGrad with a proximal L1 step (Duchi, Hazan and Singer 2011), so that most
// weights are exactly none. The same samples give the same weights: the order is drawn by a fixed seed.

const EPOCHS = 20;
/** The weights are the mean over the rounds from this one on. */
const SETTLED = 4;
const RATE = 0.12;
const L1 = 0.008;
/** A feature seen in fewer samples is left out. */
const SEEN = 3;
/** Gradients smaller than this move nothing. */
const SMALL = 0.002;

/** Numbers below one that look random and are the same every time (a linear congruential generator, Numerical Recipes). */
function steady(seed) {
  let state = seed;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
}

/** Features seen often enough, each with its place. */
function placesOf(samples) {
  const seen = new Map();
  for (const { features } of samples) for (const f of features) seen.set(f, (seen.get(f) ?? 0) + 1);
  const often = [...seen].filter(([, n]) => n >= SEEN).map(([f]) => f);
  return new Map(often.map((f, i) => [f, i]));
}

function softmax(sums) {
  const top = Math.max(...sums);
  let all = 0;
  for (let c = 0; c < sums.length; c += 1) all += sums[c] = Math.exp(sums[c] - top);
  for (let c = 0; c < sums.length; c += 1) sums[c] /= all;
}

/** One step along the gradient, then towards none. */
function step(weights, squares, at, gradient) {
  squares[at] += gradient * gradient;
  const rate = RATE / Math.sqrt(squares[at]);
  const moved = weights[at] - rate * gradient;
  const pull = rate * L1;
  weights[at] = moved > pull ? moved - pull : moved < -pull ? moved + pull : 0;
}

/** `samples`: features (a list of names) and kind. The model as it is written: kinds and rows of weights in tenths. */
export function trained(samples, kinds) {
  const places = placesOf(samples);
  const size = kinds.length;
  const weights = new Float64Array(places.size * size);
  const squares = new Float64Array(places.size * size).fill(1e-6);
  const known = samples.map(({ features }) =>
    features.map((f) => places.get(f)).filter((p) => p !== undefined),
  );
  const wanted = samples.map(({ kind }) => Math.max(0, kinds.indexOf(kind)));
  const order = samples.map((_, i) => i);
  const draw = steady(1);
  const mean = new Float64Array(weights.length);
  const sums = new Float64Array(size);
  for (let epoch = 0; epoch < EPOCHS; epoch += 1) {
    for (let i = order.length - 1; i > 0; i -= 1) {
      const j = Math.floor(draw() * (i + 1));
      [order[i], order[j]] = [order[j], order[i]];
    }
    for (const n of order) {
      sums.fill(0);
      for (const p of known[n]) for (let c = 0; c < size; c += 1) sums[c] += weights[p * size + c];
      softmax(sums);
      sums[wanted[n]] -= 1;
      for (let c = 0; c < size; c += 1)
        if (Math.abs(sums[c]) >= SMALL)
          for (const p of known[n]) step(weights, squares, p * size + c, sums[c]);
    }
    if (epoch >= SETTLED)
      for (let i = 0; i < mean.length; i += 1) mean[i] += weights[i] / (EPOCHS - SETTLED);
  }
  return { kinds, rows: written(places, mean, size) };
}

function written(places, weights, size) {
  const rows = [];
  for (const [feature, place] of places) {
    const pairs = [];
    for (let c = 0; c < size; c += 1) {
      const tenths = Math.round(weights[place * size + c] * 10);
      if (tenths !== 0) pairs.push(`${c} ${tenths}`);
    }
    if (pairs.length > 0) rows.push(`${feature}\t${pairs.join(' ')}`);
  }
  return rows.toSorted().join('\n');
}

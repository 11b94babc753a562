import { test } from 'vitest';
import { readText } from '@/core/spec-text';
import { corpus, scored, sum } from './corpus/corpus';
const files = (process.env.F ?? '').split(',');
test('x', () => {
  const by = new Map<string, any[]>();
  for (const t of corpus('tune')) {
    if (!files.includes(t.file.replace(/\.txt$/, ''))) continue;
    const m = readText(t.text).machines;
    const s = scored(
      t,
      m.map((x) => x.proposals),
    );
    const a = by.get(t.file) ?? [];
    a.push(s);
    by.set(t.file, a);
    if (s.found < s.wanted || s.right < s.offered || (t.open && s.wrongTicked)) {
      console.log(
        '##',
        t.file,
        t.name,
        s.found + '/' + s.wanted,
        'right',
        s.right + '/' + s.offered,
        'WT',
        s.wrongTicked,
      );
      t.machines.forEach((e, i) => {
        const offs = (m[i]?.proposals ?? []) as any[];
        const f = (o: any) =>
          o.kind === 'figure'
            ? `${o.key} ${o.amount} ${o.unit} ${o.basis}${o.ticked ? ' T' : ''}`
            : `${o.key} ${o.value}${o.ticked ? ' T' : ''}`;
        for (const w of e.things) {
          const l = w.value ?? `${w.amount} ${w.unit} ${w.basis ?? ''}`;
          const hit = offs.some(
            (o) =>
              o.key === w.key &&
              (w.value ? o.value === w.value : true) &&
              (w.amount === undefined ||
                scored({ ...t, machines: [{ notes: {}, things: [w] }] }, [[o]]).found > 0),
          );
          if (!hit) console.log('   MISS', w.key, l);
        }
        for (const o of offs) {
          const hit = e.things.some(
            (w) => scored({ ...t, machines: [{ notes: {}, things: [w] }] }, [[o]]).found > 0,
          );
          if (!hit)
            console.log(
              '   EXTRA',
              f(o),
              '|',
              o.words,
              '|',
              JSON.stringify(o.doubts.map((d: any) => d.code)),
            );
        }
      });
    }
  }
  for (const [f, a] of by) {
    const s = sum(a);
    console.log('SUM', f, JSON.stringify(s));
  }
  console.log('SUM all', JSON.stringify(sum([...by.values()].flat())));
});

import { corpus } from './corpus';
import { readText } from '@/core/spec-text';
let v = '';
for (const t of [...corpus('tune'), ...corpus('held')])
  if (t.kind === 'forum' || t.kind === 'adverts') v += t.text + '\n\n';
v = v.slice(0, 10000);
for (let i = 0; i < 15; i++) readText(v);

import type { StepGroup } from './steps';

interface FootStep {
  readonly path: string;
  readonly group: StepGroup;
}

/**
 * The cells along the foot of a phone: all steps of the half of the job that the rider is in, and one cell for each other half, which
 * leads to its first step. Eleven cells side by side would leave none of them room for a finger.
 */
export function footCells<S extends FootStep>(
  steps: readonly S[],
  current: S | undefined,
): readonly { readonly step: S; readonly leadsTo: 'step' | 'group' }[] {
  const group = current && current.group !== 'apart' ? current.group : 'choose';
  const seen = new Set<StepGroup>();
  return steps.flatMap((step): { readonly step: S; readonly leadsTo: 'step' | 'group' }[] => {
    if (step.group === group || step.group === 'apart') return [{ step, leadsTo: 'step' }];
    if (seen.has(step.group)) return [];
    seen.add(step.group);
    return [{ step, leadsTo: 'group' }];
  });
}

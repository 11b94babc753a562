import { findBuildFaults } from './build-rules';
import { planOf, type Plan, type PlanModel } from './plan-model';
import { planProgram, type PlanQuestion } from './plan-program';

/** A solver of mixed-integer programs in CPLEX LP format; HiGHS is one. */
export interface ProgramSolver {
  solve(
    text: string,
    options: Readonly<Record<string, string | number | boolean>>,
  ): { readonly Status: string; readonly Columns: Readonly<Record<string, object>> };
}

export type PlanAnswer =
  | { readonly kind: 'plan'; readonly plan: Plan }
  | { readonly kind: 'infeasible' }
  | { readonly kind: 'failed'; readonly status: string };

/**
 * No gap and no words. Programs are small (some 40 items, a dozen nodes): a restart doubles the time, and so does every search for a
 * first good plan, which is found on the way; branches are taken on trust sooner than usual. Measured on the curves of the example.
 */
const OPTIONS = {
  mip_rel_gap: 0,
  mip_abs_gap: 1e-7,
  mip_allow_restart: false,
  mip_heuristic_effort: 0,
  mip_heuristic_run_rins: false,
  mip_heuristic_run_rens: false,
  mip_heuristic_run_root_reduced_cost: false,
  mip_heuristic_run_feasibility_jump: false,
  mip_pscost_minreliable: 2,
  output_flag: false,
} as const;

const primalOf = (column: object | undefined): number =>
  column && 'Primal' in column ? Number(column.Primal) : 0;

/** The proven best plan for a question. Its points are counted again from the chosen items, not taken from the solver. */
export function solvePlan(
  solver: ProgramSolver,
  model: PlanModel,
  question: PlanQuestion,
): PlanAnswer {
  const program = planProgram(model, question);
  const { Status, Columns } = solver.solve(program.text, OPTIONS);
  if (Status === 'Infeasible' || Status === 'Primal infeasible or unbounded')
    return { kind: 'infeasible' };
  if (Status !== 'Optimal') return { kind: 'failed', status: Status };
  // Binaries come back as 0.9999.
  const { gatesKept: _kept, ...plan } = planOf(
    model,
    [...program.variables].flatMap(([id, name]) => (primalOf(Columns[name]) > 0.5 ? [id] : [])),
  );
  return { kind: 'plan', plan };
}

/** A slow, obvious twin for small models: every choice is tried. @throws RangeError beyond 20 items. */
export function solveByTrying(model: PlanModel, { spend, aim, worth }: PlanQuestion): PlanAnswer {
  const { items } = model;
  if (items.length > 20) throw new RangeError('solveByTrying: too many items');
  const catalogue = new Map(items.map((item) => [item.id, item]));
  let best: Plan | undefined;
  for (let bits = 0; bits < 2 ** items.length; bits += 1) {
    const ids = items.filter((_, i) => Math.floor(bits / 2 ** i) % 2 === 1).map((item) => item.id);
    if (
      items.some((item) => item.pinned && !ids.includes(item.id)) ||
      findBuildFaults(ids, catalogue).length > 0
    )
      continue;
    const { gatesKept, ...plan } = planOf(model, ids);
    if (!gatesKept || (spend !== undefined && plan.cost > spend + 1e-6)) continue;
    if (worth !== undefined && plan.value < worth - 1e-6) continue;
    const better =
      !best ||
      (aim === 'cost'
        ? plan.cost < best.cost - 1e-9
        : plan.value > best.value + 1e-9 ||
          (plan.value > best.value - 1e-9 && plan.cost < best.cost - 1e-9));
    if (better) best = plan;
  }
  return best ? { kind: 'plan', plan: best } : { kind: 'infeasible' };
}

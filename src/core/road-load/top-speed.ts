import { bisect } from '../numeric';
import { speedPerThousand } from '../gearing';
import { resistance, type RoadLoad } from './resistance';
import { thrustIn, type Propulsion } from './thrust';

export interface TopSpeed {
  readonly speed_kmh: number;
  readonly gear: number;
  /** `limiter`: the engine runs out of revs before it runs out of push. */
  readonly by: 'balance' | 'limiter';
}

/** Top speed over all gears: where thrust meets resistance, or the limiter. `undefined`: it cannot hold any speed on this ground. */
export function topSpeed(propulsion: Propulsion, load: RoadLoad): TopSpeed | undefined {
  const { curve, train } = propulsion;
  let best: TopSpeed | undefined;
  for (let gear = train.gears.length; gear >= 1; gear -= 1) {
    const unit = speedPerThousand(train, gear) / 1000;
    const [slow, fast] = [
      unit * curve.peaks.idle_rpm * 1.0001,
      unit * curve.peaks.limiter_rpm * 0.99999,
    ];
    if (best && best.speed_kmh >= fast) break;
    const push = thrustIn(propulsion, gear);
    const spare = (kmh: number) => push(kmh) - resistance(load, kmh / 3.6);
    // The last speed at which thrust still meets resistance, found from above.
    let upper = fast;
    if (spare(fast) < 0) {
      const steps = 40;
      let lower: number | undefined;
      for (let k = steps - 1; k >= 0 && lower === undefined; k -= 1) {
        const kmh = slow + ((fast - slow) * k) / steps;
        if (spare(kmh) >= 0) lower = kmh;
        else upper = kmh;
      }
      if (lower === undefined) continue;
      upper = bisect(spare, lower, upper, 1e-6);
    }
    const by = upper >= fast * 0.9999 ? 'limiter' : 'balance';
    if (!best || upper > best.speed_kmh) best = { speed_kmh: upper, gear, by };
  }
  return best;
}

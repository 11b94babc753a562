import type { Licence } from '@/core/brief';
import { A2_BASE_POWER_RATIO, LICENCE_LIMITS, type LicenceRule } from '@/core/licence';
import { formatNumber } from './format';

/** What a licence allows at most under a rule. */
export function limitOf(rule: LicenceRule, licence: Licence): string {
  const limits = LICENCE_LIMITS[licence === 'A' ? 'A2' : licence];
  switch (rule) {
    case 'power':
      return `${formatNumber(limits.power_kW)} kW`;
    case 'power-to-mass':
      return `${formatNumber(limits.perMass_kWkg, 1)} kW for each kg`;
    case 'base-power':
      return `${formatNumber(A2_BASE_POWER_RATIO)} times its power before it was restricted`;
  }
}

/** A rule that is broken, by its name. */
export const ruleBroken = (rule: LicenceRule, licence: Licence): string =>
  ({
    power: `more than ${limitOf('power', licence)}`,
    'power-to-mass': `more than ${limitOf('power-to-mass', licence)}, ready to ride as approved`,
    'base-power': `unrestricted it has more than ${limitOf('base-power', licence)}`,
  })[rule];

import type { WantKey } from '@/core/preference';

const FIND_OUT: Readonly<Record<WantKey, string>> = {
  heelGap: 'Sit on it in your boots, on level ground, and enter the sit in the brief.',
  kneeAngle: 'Sit on it, boots on the pegs, for ten minutes; tape from seat to peg.',
  standingRoom: 'Stand on the pegs; tape the height of pegs and grips over the ground.',
  readyMass: 'Look it up in the papers, or have it weighed full of fuel.',
  powerToMass: 'Ask for the papers; a measured curve says more than a brochure.',
  cruisePower: 'Ride it loaded against the wind, and look whether the cruise holds uphill.',
  range: 'Ride a tank on your ground, or ask an owner for fuel and distance.',
  suspension:
    'Measure the travel with a tape, ask for the spring rates, and for whom it is sprung.',
  clearance:
    'Hold a tape from the ground to the lowest part of the engine guard, the machine upright.',
  payloadLeft: 'Read the permitted maximum on the plate of the frame or in the papers.',
  serviceInterval: 'Read it in the manual or call a workshop.',
  wheels: 'Look at the rims: sizes, spokes, tubes.',
  protection: 'Look underneath and at the bars: what is there, and of what.',
  wind: 'Ride it at your cruise, or look at screen and fairing.',
  support: 'Call the nearest dealer and ask for a wear part and its days.',
  aids: 'Switch ABS and traction control off, turn the key, and look whether they stay off.',
  heart: 'Ride it, then ask yourself; and again after a week and a month.',
  luggageRoom: 'Measure the bags, or fill them with your kit.',
  outlay: 'Call and ask for the price on the road, in writing.',
};

/** How a rider would find out a figure that a want hangs on. */
export const findOutWords = (want: WantKey): string => FIND_OUT[want];

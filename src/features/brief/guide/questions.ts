import type { BriefFigure } from '@/core/brief';

/** The questions of the guided brief, in the order in which they are asked, and the figures each settles. */
export const QUESTIONS = [
  {
    id: 'legs',
    title: 'How tall are you, and what do you weigh?',
    why: 'A seat is judged by your legs, a spring and a payload by your weight.',
    figures: ['rider.height_mm', 'rider.inseam_mm', 'rider.mass_kg', 'rider.kit_kg'],
  },
  {
    id: 'ground',
    title: 'Where does the machine go in a usual year?',
    why: 'Ground decides what counts. Count the year as it is, not the dream: most riders rate dirt too high.',
    figures: [],
  },
  {
    id: 'fuel',
    title: 'What is the longest stretch without fuel, and how fast do you want to go?',
    why: 'Tank and thirst must cover the stretch; the engine must hold the pace with you and your load.',
    figures: ['trip.fuelGap_km', 'trip.cruise_kmh'],
  },
  {
    id: 'load',
    title: 'What must be carried?',
    why: 'It eats payload, range and power, and it decides whether the springs suit.',
    figures: ['trip.luggage_kg', 'trip.pillion_kg'],
  },
  {
    id: 'money',
    title: 'What may it all cost, and what of it must stay?',
    why: 'The budget is for machine, parts, fitting and what you keep for the trip.',
    figures: ['money.budget', 'money.tripFund'],
  },
  {
    id: 'licence',
    title: 'What may you ride, and how do you ride on dirt?',
    why: 'A licence rules machines out; skill tilts what a light or a heavy one is worth.',
    figures: [],
  },
  {
    id: 'weight',
    title: 'How heavy may it be, ready to ride?',
    why: 'Every rider drops it. What you cannot lift alone keeps you at home or needs company.',
    figures: ['musts.readyMass_kg', 'rider.lift_kg'],
  },
  {
    id: 'sureness',
    title: 'How sure must a must be?',
    why: 'Most figures are only half known. This says how often a must has to hold before it counts as kept.',
    figures: ['musts.sureness_percent'],
  },
] as const satisfies readonly {
  readonly id: string;
  readonly title: string;
  readonly why: string;
  readonly figures: readonly BriefFigure[];
}[];

export type QuestionId = (typeof QUESTIONS)[number]['id'];

import type { Donor } from '@/core/donor';
import { quoted } from './quoted';

const sheet = 'maker’s sheet';
const review = 'magazine ride';

/** Nine invented machines, one of each class, quoted in the mixture of units and bases that a rider really meets. */
export const DEMO_DONORS: readonly Donor[] = [
  {
    id: 'wren-230', maker: 'Dorrick', model: 'Wren 230', version: '2025, one version', donorClass: 'air-trail-single',
    note: 'Simple, soft, easy to pick up. Works hard above 95 km/h.',
    figures: quoted('wren-230', {
      mass: [112, 'kg', 'claimed', sheet, 'dry'], maxMass: [275, 'kg', 'claimed', 'plate on the frame'], power: [18.5, 'hp', 'claimed', sheet],
      powerRpm: [8000, 'rpm', 'claimed', sheet], torque: [13.3, 'lbf-ft', 'claimed', sheet], torqueRpm: [6500, 'rpm', 'claimed', sheet],
      redline: [9000, 'rpm', 'claimed', sheet], gears: [5, 'gears', 'claimed', sheet], seatHeight: [815, 'mm', 'claimed', sheet],
      tank: [2.0, 'gal-us', 'claimed', sheet], consumption: [85, 'mpg-imp', 'heard', 'owner, mixed lanes and road'],
      travelFront: [9.4, 'in', 'claimed', sheet], travelRear: [8.9, 'in', 'claimed', sheet], clearance: [285, 'mm', 'claimed', sheet],
      wheelFront: [21, 'in', 'claimed', sheet], wheelRear: [18, 'in', 'claimed', sheet], wheelbase: [1340, 'mm', 'claimed', sheet],
      serviceInterval: [4000, 'mi', 'claimed', 'manual'], price: [5290, 'USD', 'claimed', 'maker’s site, before delivery', 'list'],
    }),
  },
  {
    id: 'sorrel-300', maker: 'Velloy', model: 'Sorrel 300', version: '2026', donorClass: 'dual-sport-single',
    note: 'Six speeds, tall seat. The sheet’s travel is a generous figure.',
    figures: quoted('sorrel-300', {
      mass: [138, 'kg', 'claimed', sheet, 'ready'], maxMass: [320, 'kg', 'claimed', sheet],
      power: [[20.5, 'kW', 'claimed', sheet], [24.6, 'hp', 'measured', 'workshop roller, one run', 'wheel']],
      powerRpm: [8750, 'rpm', 'claimed', sheet], torque: [26, 'Nm', 'claimed', sheet], torqueRpm: [7000, 'rpm', 'claimed', sheet],
      redline: [10500, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet], seatHeight: [34.6, 'in', 'claimed', sheet],
      tank: [7.8, 'L', 'claimed', sheet], consumption: [3.3, 'L/100km', 'claimed', 'test cycle', 'cycle'],
      travelFront: [[250, 'mm', 'claimed', sheet], [238, 'mm', 'measured', 'tape, two people', 'taped-travel']],
      travelRear: [230, 'mm', 'claimed', sheet], clearance: [11.2, 'in', 'claimed', sheet], wheelFront: [21, 'in', 'claimed', sheet],
      wheelRear: [18, 'in', 'claimed', sheet], wheelbase: [1440, 'mm', 'claimed', sheet], serviceInterval: [12000, 'km', 'claimed', 'manual'],
      price: [6290, 'EUR', 'claimed', 'price list', 'list'],
    }),
  },
  {
    id: 'sorrel-300-longway', maker: 'Velloy', model: 'Sorrel 300 Longway', version: '2026', donorClass: 'long-range-dual-sport',
    note: 'The Sorrel with a frame fairing and the big tank.',
    figures: quoted('sorrel-300-longway', {
      mass: [152, 'kg', 'claimed', 'papers', 'ready-90'], maxMass: [328, 'kg', 'claimed', sheet], power: [27.9, 'PS', 'claimed', sheet],
      powerRpm: [8750, 'rpm', 'claimed', sheet], torque: [26, 'Nm', 'claimed', sheet], torqueRpm: [7000, 'rpm', 'claimed', sheet],
      redline: [10500, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet], seatHeight: [880, 'mm', 'claimed', sheet],
      tank: [13.4, 'L', 'claimed', sheet], consumption: [3.5, 'L/100km', 'measured', 'owner’s log, 41 fills', 'own-fills'],
      travelFront: [240, 'mm', 'claimed', sheet], travelRear: [225, 'mm', 'claimed', sheet], clearance: [270, 'mm', 'claimed', sheet],
      wheelFront: [21, 'in', 'claimed', sheet], wheelRear: [18, 'in', 'claimed', sheet], wheelbase: [1445, 'mm', 'claimed', sheet],
      serviceInterval: [12000, 'km', 'claimed', 'manual'], price: [7390, 'EUR', 'heard', 'dealer, by telephone', 'on-the-road'],
    }),
  },
  {
    id: 'thorn-450-e', maker: 'Brakkan', model: 'Thorn 450 E', version: '2025, registered', donorClass: 'competition-single',
    note: 'Oil every 15 hours by the book. Nothing else feels like it on a climb.',
    figures: quoted('thorn-450-e', {
      mass: [111, 'kg', 'claimed', sheet, 'dry'], maxMass: [300, 'kg', 'claimed', 'papers'], power: [48, 'hp', 'measured', 'roller', 'wheel'],
      powerRpm: [9500, 'rpm', 'measured', 'roller'], torque: [34.5, 'lbf-ft', 'heard', review], torqueRpm: [7500, 'rpm', 'heard', review],
      redline: [11500, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet], seatHeight: [950, 'mm', 'claimed', sheet],
      tank: [8.5, 'L', 'claimed', sheet], consumption: [54, 'mpg-imp', 'heard', 'club riders, trail pace'],
      travelFront: [305, 'mm', 'claimed', sheet], travelRear: [300, 'mm', 'claimed', sheet], clearance: [345, 'mm', 'claimed', sheet],
      wheelFront: [21, 'in', 'claimed', sheet], wheelRear: [18, 'in', 'claimed', sheet], wheelbase: [1482, 'mm', 'claimed', sheet],
      serviceInterval: [700, 'km', 'estimated', '15 hours at about 45 km/h'], price: [10450, 'EUR', 'claimed', 'price list', 'list'],
    }),
  },
  {
    id: 'pika-340-x', maker: 'Mirrodan', model: 'Pika 340 X', version: '2026', donorClass: 'road-adventure-single',
    note: 'A road machine in hiking boots; cast wheels.',
    figures: quoted('pika-340-x', {
      mass: [368, 'lb', 'claimed', sheet, 'ready'], maxMass: [345, 'kg', 'claimed', sheet], power: [36.2, 'hp', 'claimed', sheet],
      powerRpm: [8500, 'rpm', 'claimed', sheet], torque: [34, 'Nm', 'claimed', sheet], torqueRpm: [6500, 'rpm', 'claimed', sheet],
      redline: [10000, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet], seatHeight: [825, 'mm', 'claimed', sheet],
      tank: [3.0, 'gal-imp', 'claimed', sheet], consumption: [76, 'mpg-imp', 'heard', review, 'mixed'],
      travelFront: [170, 'mm', 'claimed', sheet], travelRear: [170, 'mm', 'claimed', sheet], clearance: [185, 'mm', 'claimed', sheet],
      wheelFront: [19, 'in', 'claimed', sheet], wheelRear: [17, 'in', 'claimed', sheet], wheelbase: [1430, 'mm', 'claimed', sheet],
      serviceInterval: [6000, 'mi', 'claimed', 'manual'], price: [5150, 'GBP', 'claimed', 'importer', 'on-the-road'],
    }),
  },
  {
    id: 'drover-430', maker: 'Kestwick', model: 'Drover 430', version: '2026', donorClass: 'scrambler-single',
    note: 'Low pull, plain looks, a real bolt-on subframe.',
    figures: quoted('drover-430', {
      mass: [181, 'kg', 'claimed', sheet, 'ready-90'], maxMass: [365, 'kg', 'claimed', sheet], power: [32, 'kW', 'claimed', sheet],
      powerRpm: [7500, 'rpm', 'claimed', sheet], torque: [43, 'Nm', 'claimed', sheet], torqueRpm: [5500, 'rpm', 'claimed', sheet],
      redline: [8800, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet], seatHeight: [32.5, 'in', 'claimed', sheet],
      tank: [15, 'L', 'claimed', sheet], consumption: [3.4, 'L/100km', 'claimed', 'test cycle', 'cycle'],
      travelFront: [200, 'mm', 'claimed', sheet], travelRear: [195, 'mm', 'claimed', sheet], clearance: [8.3, 'in', 'claimed', sheet],
      wheelFront: [21, 'in', 'claimed', sheet], wheelRear: [17, 'in', 'claimed', sheet], wheelbase: [1490, 'mm', 'claimed', sheet],
      serviceInterval: [10000, 'km', 'claimed', 'manual'], price: [6450, 'EUR', 'claimed', 'price list', 'list'],
    }),
  },
  {
    id: 'dunelark-720', maker: 'Ormavel', model: 'Dunelark 720', version: '2026', donorClass: 'rally-twin',
    note: 'Does everything on the list; the price does too.',
    figures: quoted('dunelark-720', {
      mass: [204, 'kg', 'claimed', sheet, 'ready'], maxMass: [405, 'kg', 'claimed', sheet], power: [54, 'kW', 'claimed', sheet],
      powerRpm: [9000, 'rpm', 'claimed', sheet], torque: [68, 'Nm', 'claimed', sheet], torqueRpm: [6500, 'rpm', 'claimed', sheet],
      redline: [10000, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet],
      seatHeight: [[860, 'mm', 'claimed', 'sheet of the low version', 'low-seat'], [875, 'mm', 'claimed', sheet]],
      tank: [16, 'L', 'claimed', sheet], consumption: [54, 'mpg-us', 'heard', review, 'mixed'], travelFront: [8.3, 'in', 'claimed', sheet],
      travelRear: [7.9, 'in', 'claimed', sheet], clearance: [240, 'mm', 'claimed', sheet], wheelFront: [21, 'in', 'claimed', sheet],
      wheelRear: [18, 'in', 'claimed', sheet], wheelbase: [1590, 'mm', 'claimed', sheet], serviceInterval: [10000, 'km', 'claimed', 'manual'],
      price: [10690, 'EUR', 'claimed', 'price list', 'list'],
    }),
  },
  {
    id: 'postmark-640-v', maker: 'Tarnholt', model: 'Postmark 640 V', version: '2008, used, 48 000 km', donorClass: 'road-v-twin',
    note: 'An old tourer with a huge tank. The permitted maximum still has to be read off the plate.',
    figures: quoted('postmark-640-v', {
      mass: [189, 'kg', 'heard', 'old brochure', 'dry'], power: [60, 'hp', 'measured', 'roller sheet with the papers', 'wheel'],
      powerRpm: [8800, 'rpm', 'measured', 'roller sheet'], torque: [41, 'lbf-ft', 'measured', 'roller sheet', 'wheel'],
      torqueRpm: [7000, 'rpm', 'measured', 'roller sheet'], redline: [9500, 'rpm', 'heard', 'dial'], gears: [5, 'gears', 'claimed', 'brochure'],
      seatHeight: [835, 'mm', 'claimed', 'brochure'], tank: [5.8, 'gal-us', 'claimed', 'brochure'],
      consumption: [45, 'mpg-us', 'heard', 'seller', 'mixed'], travelFront: [150, 'mm', 'claimed', 'brochure'], travelRear: [148, 'mm', 'claimed', 'brochure'],
      clearance: [6.5, 'in', 'heard', 'old test'], wheelFront: [19, 'in', 'claimed', 'brochure'], wheelRear: [17, 'in', 'claimed', 'brochure'],
      wheelbase: [1560, 'mm', 'claimed', 'brochure'], serviceInterval: [4000, 'mi', 'claimed', 'manual'], price: [4300, 'EUR', 'claimed', 'advert', 'asked'],
    }),
  },
  {
    id: 'bastion-1160', maker: 'Quillane', model: 'Bastion 1160', version: '2025', donorClass: 'large-adventure-twin',
    note: 'Everybody says get the big one.',
    figures: quoted('bastion-1160', {
      mass: [249, 'kg', 'claimed', sheet, 'ready'], maxMass: [465, 'kg', 'claimed', sheet], power: [136, 'PS', 'claimed', sheet],
      powerRpm: [7800, 'rpm', 'claimed', sheet], torque: [125, 'Nm', 'claimed', sheet], torqueRpm: [6200, 'rpm', 'claimed', sheet],
      redline: [9000, 'rpm', 'claimed', sheet], gears: [6, 'gears', 'claimed', sheet], seatHeight: [850, 'mm', 'claimed', sheet],
      tank: [5.3, 'gal-us', 'claimed', sheet], consumption: [4.8, 'L/100km', 'claimed', 'test cycle', 'cycle'],
      travelFront: [190, 'mm', 'claimed', sheet], travelRear: [200, 'mm', 'claimed', sheet], clearance: [190, 'mm', 'claimed', sheet],
      wheelFront: [19, 'in', 'claimed', sheet], wheelRear: [17, 'in', 'claimed', sheet], wheelbase: [1525, 'mm', 'claimed', sheet],
      serviceInterval: [10000, 'km', 'claimed', 'manual'], price: [17900, 'EUR', 'claimed', 'price list', 'list'],
    }),
  },
];

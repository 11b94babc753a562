import { z } from 'zod';
import { DONOR_CLASSES, type Donor } from '@/core/donor';
import { BASES, FIGURE_KEYS, findReadingFault, ORIGINS, type FigureKey, type Figure } from '@/core/readings';
import { UNIT_IDS, type UnitId } from '@/core/units';

const id = z.string().min(1).max(64);

const readingSchema = z.strictObject({
  id,
  amount: z.number(),
  unit: z.enum(UNIT_IDS as readonly [UnitId, ...UnitId[]]),
  basis: z.enum(BASES),
  origin: z.enum(ORIGINS),
  note: z.string().max(400),
  spread: z.number().nonnegative().optional(),
});

/** One figure's readings, checked against the figure's dimension, bases and limits. */
const figureSchema = (key: FigureKey) =>
  z
    .strictObject({ readings: z.array(readingSchema).min(1).max(40), pinned: id.optional() })
    .superRefine((figure, context) => {
      figure.readings.forEach((reading, index) => {
        const fault = findReadingFault(key, reading);
        if (fault) context.addIssue({ code: 'custom', path: ['readings', index, 'amount'], message: fault.code, params: { fault } });
      });
    });

const figuresSchema = z.strictObject(
  Object.fromEntries(FIGURE_KEYS.map((key) => [key, figureSchema(key).optional()])) as unknown as Record<FigureKey, z.ZodOptional<z.ZodType<Figure>>>,
);

export const donorSchema = z.strictObject({
  id,
  maker: z.string().max(80),
  model: z.string().max(120),
  version: z.string().max(120),
  donorClass: z.enum(DONOR_CLASSES),
  figures: figuresSchema,
  note: z.string().max(4000),
}) satisfies z.ZodType<Donor>;

export const newDonor = (donorId: string): Donor => ({ id: donorId, maker: '', model: '', version: '', donorClass: 'dual-sport-single', figures: {}, note: '' });

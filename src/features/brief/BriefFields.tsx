'use client';
import { type FieldPath } from 'react-hook-form';
import { briefLimit, type BriefFigure } from '@/core/brief';
import { Choice, FieldRow, UnitInput } from '@/ui/fields';
import { nameWords, unitSign } from '@/ui/messages';
import type { BriefForm } from './brief-form';
import type { BriefModel } from './use-brief';

interface FieldProps {
  readonly model: BriefModel;
  readonly hint?: string | undefined;
}

function faultOf(model: BriefModel, path: FieldPath<BriefForm>): string | undefined {
  const [section, field] = path.split('.') as [keyof BriefForm, string];
  return (model.errors[section] as Record<string, { message?: string } | undefined> | undefined)?.[
    field
  ]?.message;
}

function bound(model: BriefModel, path: FieldPath<BriefForm>) {
  return model.form.register(path, {
    onChange: () => model.changeField(path),
    onBlur: () => model.endField(path),
  });
}

/** One figure of the brief with its unit and, when refused, the reason. */
export function BriefFigureField({
  model,
  path,
  hint,
}: FieldProps & { readonly path: BriefFigure }) {
  const id = `brief-${path.replace('.', '-')}`;
  const fault = faultOf(model, path);
  const { dimension, sign: own } = briefLimit(path);
  const sign = dimension === 'plain' ? (own ?? '') : unitSign(dimension, model.reader);
  return (
    <FieldRow id={id} label={nameWords(path).replace(', %', '')} hint={hint} fault={fault}>
      <UnitInput
        id={id}
        unit={sign}
        invalid={fault !== undefined}
        onFocus={() => model.beginField(path)}
        aria-describedby={fault ? `${id}-fault` : hint ? `${id}-hint` : undefined}
        {...bound(model, path)}
      />
    </FieldRow>
  );
}

/** A choice of the brief. */
export function BriefChoiceField({
  model,
  path,
  label,
  options,
  hint,
  wide,
}: FieldProps & {
  readonly path: FieldPath<BriefForm>;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly words: string }[];
  readonly wide?: string;
}) {
  const id = `brief-${path.replace('.', '-')}`;
  return (
    <FieldRow id={id} label={label} hint={hint}>
      <Choice id={id} options={options} {...(wide ? { wide } : {})} {...bound(model, path)} />
    </FieldRow>
  );
}

'use client';
import { chakra, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { useWatch, type FieldPath } from 'react-hook-form';
import { briefFigure, briefOrigin, type BriefFigure } from '@/core/brief';
import { Choice, FieldRow, UnitInput } from '@/ui/fields';
import { bodyWords, movesWords, nameWords, termOf } from '@/ui/messages';
import { understood } from '@/ui/stored';
import { briefFigureRules, briefFigureSign, type BriefForm } from './brief-form';
import type { BriefModel } from './use-brief';

const Agree = chakra('button');

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

/** Figures of the rider's own body, which are spoken of in other units than they are reckoned in. */
const BODY: Partial<Record<BriefFigure, 'length' | 'mass'>> = {
  'rider.height_mm': 'length',
  'rider.mass_kg': 'mass',
};

/** One figure of the brief with its unit and, when refused, the reason. */
export function BriefFigureField({
  model,
  path,
  hint,
  moves = false,
}: FieldProps & {
  readonly path: BriefFigure;
  /** Whether the field says what it moves. */
  readonly moves?: boolean;
}) {
  const id = `brief-${path.replace('.', '-')}`;
  const fault = faultOf(model, path);
  const text = useWatch({ control: model.form.control, name: path });
  const read = understood(text, briefFigureRules(path, model.reader));
  const body = BODY[path];
  const held = briefFigure(model.brief, path);
  const spoken = body && held !== undefined && bodyWords(held, body, model.reader);
  const assumed = briefOrigin(model.brief, path).kind !== 'typed';
  const said = [
    read !== undefined && (
      <Text as="span" fontWeight="700" color="fg">
        {read}
      </Text>
    ),
    spoken,
    hint,
    assumed && <Assumed model={model} path={path} />,
  ].filter(Boolean);
  const described = said.length > 0 || moves ? `${id}-hint` : undefined;
  const describedBy = fault ? `${id}-fault` : described;
  const sign = briefFigureSign(path, model.reader);
  return (
    <FieldRow
      id={id}
      label={nameWords(path).replace(', %', '')}
      hint={
        described && (
          <>
            {said.map((part, i) => (
              <Fragment key={i}>
                {i > 0 && '; '}
                {part}
              </Fragment>
            ))}
            {moves && (
              <Text as="span" display="block">
                {movesWords(path)}
              </Text>
            )}
          </>
        )
      }
      fault={fault}
      term={termOf(path, model.reader)}
    >
      <UnitInput
        id={id}
        unit={sign}
        invalid={fault !== undefined}
        onFocus={() => model.beginField(path)}
        aria-describedby={describedBy}
        {...bound(model, path)}
      />
    </FieldRow>
  );
}

/** A figure that nobody has typed says so; one press says that it is right. */
function Assumed({ model, path }: { readonly model: BriefModel; readonly path: BriefFigure }) {
  const origin = briefOrigin(model.brief, path);
  return (
    <>
      <Text as="span" color="unsure" fontWeight="700">
        {origin.kind === 'taken' ? `taken from ${origin.from}` : 'assumed'}
      </Text>{' '}
      <Agree
        type="button"
        textDecoration="underline"
        cursor="pointer"
        aria-label={`${nameWords(path)}: it is right`}
        onClick={() => model.agree(path)}
      >
        it is right
      </Agree>
    </>
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

'use client';
import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { useForm, type FieldPath, type UseFormReturn } from 'react-hook-form';
import {
  BRIEF_LIMITS,
  briefForPurpose,
  WHOLE,
  type Brief,
  type BriefFigure,
  type Purpose,
} from '@/core/brief';
import type { Outcome } from '@/store/dossier-state';
import type { Change, Command } from '@/store/history';
import { BRIEF_KEY } from '@/store/records';
import { purposeChange } from '@/store/purpose-change';
import { useDossierState, useDossierStore, useDrafts, usePreferences } from '@/store/react';
import { formatWithUnit, recordFaultWords, type Reader } from '@/ui/messages';
import {
  briefFormSchema,
  briefFormValues,
  briefValue,
  type BriefForm,
  type BriefFormOutput,
} from './brief-form';

type Path = FieldPath<BriefForm>;

/** A field that another tab changed while this one was typing in it. */
export interface FieldConflict {
  readonly path: Path;
  /** In words, with units. */
  readonly mine: string;
  readonly theirs: string;
  readonly values: { readonly mine: unknown; readonly theirs: unknown };
}

export interface BriefModel {
  readonly brief: Brief;
  readonly reader: Reader;
  readonly form: UseFormReturn<BriefForm, unknown, BriefFormOutput>;
  readonly errors: UseFormReturn<BriefForm, unknown, BriefFormOutput>['formState']['errors'];
  readonly conflict: FieldConflict | undefined;
  /** The rider has come into a field: from now on this is what an edit starts from. */
  readonly beginField: (path: Path) => void;
  readonly changeField: (path: Path) => void;
  readonly endField: (path: Path) => void;
  readonly keepMine: () => void;
  readonly takeTheirs: () => void;
  /** Which purpose ground, beliefs and weights are shown and edited for. */
  readonly purpose: string;
  readonly setPurpose: (id: string) => void;
  /** The brief with that purpose's ground and beliefs. */
  readonly shown: Brief;
  readonly editPurpose: <F extends 'ground' | 'schools'>(
    field: F,
    after: Purpose[F],
    detail: string,
  ) => void;
  /** The rider says that an assumed figure is right as it is. */
  readonly agree: (path: BriefFigure) => void;
  /** One edit of the brief outside the form. */
  readonly edit: (
    path: readonly string[],
    after: unknown,
    field: string,
    coalesce?: string,
    said?: 'atField',
  ) => Outcome;
}

const PATHS = (values: BriefForm): readonly Path[] =>
  Object.entries(values).flatMap(([section, fields]) =>
    Object.keys(fields).map((field) => `${section}.${field}` as Path),
  );

/** A figure that is typed is the rider's own from then on. */
const typedNow = (brief: Brief, path: string): readonly Change[] => {
  const before = brief.origins?.[path];
  return before ? [{ table: 'briefs', key: BRIEF_KEY, path: ['origins', path], before }] : [];
};

const draftKey = (path: string) => `brief/${path}`;

/** Keeps the form and the stored brief together: good values are stored as they are typed, others wait as drafts. */
export function useBrief(brief: Brief): BriefModel {
  const store = useDossierStore();
  const drafts = useDrafts();
  const [{ units, purpose: asked }, keep] = usePreferences();
  const purpose = brief.purposes?.some((p) => p.id === asked) ? asked : WHOLE;
  const reader = useMemo<Reader>(
    () => ({ units, currency: brief.money.currency }),
    [units, brief.money.currency],
  );
  const schema = useMemo(() => briefFormSchema(reader), [reader]);
  const form = useForm<BriefForm, unknown, BriefFormOutput>({
    resolver: zodResolver(schema),
    defaultValues: briefFormValues(brief, reader),
    mode: 'onSubmit',
    reValidateMode: 'onSubmit',
  });
  const start = useRef(new Map<Path, unknown>());
  /** Oldest first: each question waits until the one before it is answered. */
  const [conflicts, setConflicts] = useState<readonly FieldConflict[]>([]);
  const [conflict] = conflicts;
  const answered = () => setConflicts((now) => now.slice(1));
  const history = useDossierState((s) => s.history);

  // Drafts from before a reload come back with their reason.
  const restoreDrafts = useEffectEvent(() => {
    for (const path of PATHS(briefFormValues(brief, reader))) {
      const draft = drafts.get(draftKey(path));
      if (draft !== undefined) {
        form.setValue(path, draft);
        void form.trigger(path);
      }
    }
  });
  useEffect(() => restoreDrafts(), []);

  // Whatever changed the brief elsewhere (undo, another tab, other units) shows up here, except where the rider is typing.
  const follow = useEffectEvent(() => {
    const values = briefFormValues(brief, reader);
    for (const path of PATHS(values)) {
      if (start.current.has(path) || drafts.get(draftKey(path)) !== undefined) continue;
      const next = briefValue(values as unknown as Brief, path);
      if (form.getValues(path) !== next) form.setValue(path, next as never);
    }
  });
  useEffect(() => follow(), [brief, reader, history]);

  const words = (path: Path, value: unknown): string => {
    if (value === undefined) return 'not known';
    if (typeof value !== 'number') return typeof value === 'string' ? value : 'another choice';
    return formatWithUnit(value, BRIEF_LIMITS[path as BriefFigure]?.dimension ?? 'plain', reader);
  };
  const keepValue = (path: Path, before: unknown, after: unknown): boolean => {
    const outcome = store.execute(
      {
        label: { code: 'edit-brief', facts: { field: path } },
        coalesce: `brief/${path}`,
        changes: [
          { table: 'briefs', key: BRIEF_KEY, path: path.split('.'), before, after },
          ...typedNow(brief, path),
        ],
      },
      'atField',
    );
    if (outcome.kind === 'conflict') {
      const { theirs } = outcome.conflict;
      const asked: FieldConflict = {
        path,
        mine: words(path, after),
        theirs: words(path, theirs),
        values: { mine: after, theirs },
      };
      setConflicts((now) => [...now.filter((c) => c.path !== path), asked]);
    }
    if (outcome.kind === 'refused')
      form.setError(path, { message: recordFaultWords(outcome.fault) });
    return outcome.kind === 'done' || outcome.kind === 'nothing';
  };

  const parsed = (
    path: Path,
  ): { readonly good: true; readonly value: unknown } | { readonly good: false } => {
    const [section, field] = path.split('.') as [keyof typeof schema.shape, string];
    const leaf = (
      schema.shape[section].shape as Record<
        string,
        { safeParse(x: unknown): { success: boolean; data?: unknown } }
      >
    )[field];
    const result = leaf?.safeParse(form.getValues(path));
    return result?.success ? { good: true, value: result.data } : { good: false };
  };

  const changeField = (path: Path) => {
    const result = parsed(path);
    if (!result.good) {
      drafts.keep(draftKey(path), form.getValues(path) as string);
      return;
    }
    drafts.drop(draftKey(path));
    form.clearErrors(path);
    const before = start.current.has(path) ? start.current.get(path) : briefValue(brief, path);
    const shown = briefValue(briefFormValues(brief, reader) as unknown as Brief, path);
    if (form.getValues(path) === shown || result.value === before) return;
    if (keepValue(path, before, result.value)) start.current.set(path, result.value);
  };

  return {
    brief,
    reader,
    form,
    errors: form.formState.errors,
    conflict,
    purpose,
    setPurpose: (id) => keep({ purpose: id }),
    shown: briefForPurpose(brief, purpose),
    editPurpose(field, after, detail) {
      store.execute({
        label:
          field === 'ground'
            ? { code: 'edit-ground', facts: { ground: detail } }
            : { code: 'edit-schools', facts: {} },
        coalesce: `${field}/${purpose}/${detail}`,
        changes: [purposeChange(brief, purpose, field, after)],
      });
    },
    beginField: (path) => start.current.set(path, briefValue(brief, path)),
    changeField,
    endField: (path) => {
      start.current.delete(path);
      if (!parsed(path).good) void form.trigger(path);
    },
    keepMine() {
      if (!conflict) return;
      answered();
      if (keepValue(conflict.path, conflict.values.theirs, conflict.values.mine))
        start.current.set(conflict.path, conflict.values.mine);
    },
    takeTheirs() {
      if (!conflict) return;
      form.setValue(
        conflict.path,
        briefValue(briefFormValues(brief, reader) as unknown as Brief, conflict.path) as never,
      );
      // The next letter typed here starts from what stands now.
      if (start.current.has(conflict.path))
        start.current.set(conflict.path, briefValue(brief, conflict.path));
      answered();
    },
    agree: (path) =>
      store.execute({
        label: { code: 'edit-brief', facts: { field: path } },
        changes: typedNow(brief, path),
      }),
    edit(path, after, field, coalesce, said) {
      const before = briefValue(brief, path.join('.'));
      const command: Command = {
        label: {
          code:
            path[0] === 'purposes'
              ? 'edit-purposes'
              : field === 'sits'
                ? 'edit-sits'
                : 'edit-brief',
          facts: { field },
        },
        changes: [{ table: 'briefs', key: BRIEF_KEY, path, before, after }],
        ...(coalesce ? { coalesce } : {}),
      };
      return store.execute(command, said);
    },
  };
}

'use client';
import { Button, Flex, Text } from '@chakra-ui/react';
import { useEffect, type ReactNode } from 'react';
import { saveDossier, saveRaw } from '@/store/files';
import { useDossierState, useDossierStore, usePreferencesStored } from '@/store/react';
import type { SetAside } from '@/store/records';
import { RECORDS } from '@/store/records';
import { asideWords, commandWords, recordFaultWords, storageFaultWords } from '@/ui/messages';
import { notify } from '@/ui/notice';

interface Act {
  readonly word: string;
  readonly run: () => void;
}

function Banner({
  children,
  acts,
}: {
  readonly children: ReactNode;
  readonly acts: readonly Act[];
}) {
  return (
    <Flex
      role="alert"
      align="center"
      gap="3"
      wrap="wrap"
      bg="bg.panel"
      borderLeftWidth="5px"
      borderColor="fail"
      borderRadius="plate"
      px="4"
      py="2.5"
      mb="3"
    >
      <Text flex="1" minW="240px">
        {children}
      </Text>
      {acts.map(({ word, run }) => (
        <Button key={word} size="sm" variant="outline" onClick={run}>
          {word}
        </Button>
      ))}
    </Flex>
  );
}

/** What the rider must know before going on: storage that fails, what other tabs did, records that could not be read. */
export function Banners() {
  return (
    <>
      <StorageBanner />
      <OvertakenBanners />
      <DeletedBanner />
      <AsideBanner />
      <RefusedNotice />
      <PreferenceNotice />
    </>
  );
}

function StorageBanner() {
  const store = useDossierStore();
  const storage = useDossierState((s) => s.storage);
  const atRisk = storage.kind !== 'saved';
  useEffect(() => {
    if (!atRisk) return undefined;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [atRisk]);
  if (storage.kind !== 'unsaved') return null;
  return (
    <Banner
      acts={[
        { word: 'Try again', run: store.retry },
        { word: 'Export now', run: () => saveDossier(store.getState().dossier, 'jugator') },
      ]}
    >
      {storageFaultWords(storage.fault)}
    </Banner>
  );
}

function OvertakenBanners() {
  const store = useDossierStore();
  const [first, ...more] = useDossierState((s) => s.overtaken);
  if (!first) return null;
  const { conflict, label, lost } = first;
  const { table, path } = conflict.change;
  const gone = lost !== undefined || (path.length > 0 && conflict.theirs === undefined);
  const name = lost === undefined ? '' : RECORDS[table].name(lost, store.getState().dossier);
  const waiting = more.length > 0 ? ` ${more.length} more wait after this one.` : '';
  return gone && lost !== undefined ? (
    <Banner acts={[{ word: 'Understood', run: () => store.forgetOvertaken(first) }]}>
      Another tab deleted {name ? `“${name}”` : 'it'} while you were at it, so “
      {commandWords(label)}” was not done.{waiting}
    </Banner>
  ) : (
    <Banner
      acts={[
        { word: 'Do it all the same', run: () => void store.insist(first) },
        { word: 'Leave it', run: () => store.forgetOvertaken(first) },
      ]}
    >
      Another tab changed the same thing first, so “{commandWords(label)}” was not done here. What
      you see is the newest state.{waiting}
    </Banner>
  );
}

function DeletedBanner() {
  const store = useDossierStore();
  const deleted = useDossierState((s) => s.deletedElsewhere);
  if (deleted.length === 0) return null;
  const { dossier } = store.getState();
  const named = deleted.filter(
    (d) => d.table === 'donors' || d.table === 'parts' || d.table === 'briefs',
  );
  const names = (named.length > 0 ? named : deleted).map(({ table, record }) =>
    table === 'briefs' ? 'the brief' : `“${RECORDS[table].name(record, dossier)}”`,
  );
  const shown = names.slice(0, 3).join(', ');
  return (
    <Banner
      acts={[
        { word: 'Bring back', run: () => void store.bringBack() },
        { word: 'Understood', run: store.forgetDeleted },
      ]}
    >
      Another tab deleted {shown}
      {names.length > 3 ? ` and ${names.length - 3} more` : ''}.
    </Banner>
  );
}

function AsideBanner() {
  const store = useDossierStore();
  const aside = useDossierState((s) => s.aside);
  const steps = useDossierState((s) => s.stepsDropped);
  if (aside.length === 0 && steps === 0) return null;
  const sentences = aside.map((row) => asideWords(row.what as SetAside));
  const acts: readonly Act[] = [
    ...(aside.length > 0
      ? [{ word: 'Export as it was', run: () => saveRaw(aside, 'jugator-set-aside') }]
      : []),
    { word: 'Understood', run: () => void store.forgetAside() },
  ];
  return (
    <Banner acts={acts}>
      {sentences.slice(0, 4).join(' ')}
      {sentences.length > 4 ? ` And ${sentences.length - 4} more.` : ''}
      {aside.length > 0
        ? ' What was stored is kept as it was until you say that you have understood.'
        : ''}
      {steps > 0
        ? ` ${steps} earlier steps can no longer be undone: one of them could not be read.`
        : ''}
    </Banner>
  );
}

/** Units and the like that last only as long as this tab. */
function PreferenceNotice() {
  const stored = usePreferencesStored();
  useEffect(() => {
    if (!stored)
      notify({
        text: 'The browser would not store this choice: it holds until this tab closes.',
        tone: 'plain',
      });
  }, [stored]);
  return null;
}

/** An edit that was refused where no field could say it. */
function RefusedNotice() {
  const refused = useDossierState((s) => s.refused);
  useEffect(() => {
    if (refused)
      notify({
        text: `Not kept: ${commandWords(refused.label)}. ${recordFaultWords(refused.fault)}`,
        tone: 'lasting',
      });
  }, [refused]);
  return null;
}

'use client';
import { Button, Flex, Text } from '@chakra-ui/react';
import { Download, FolderOpen } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import {
  allPhotos,
  dropPhoto,
  formatPhotosFile,
  keepPhoto,
  parsePhotosFile,
  PHOTOS_SIZE_LIMIT,
  type Photo,
  type PhotoFault,
} from '@/store/photos';
import { useDossierState, useDossierStore } from '@/store/react';
import { today } from '@/store/running';
import { downloadFile } from '@/store/tables';
import { FileInput, Panel } from '@/ui/fields';
import { formatNumber, photoFaultWords, photosFileWords } from '@/ui/messages';

/** The photos of this browser: how many, what they weigh, out to a file of their own and in from one. */
export function PhotosPanel() {
  const { db } = useDossierStore();
  const donors = useDossierState((s) => s.dossier.donors);
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const [said, setSaid] = useState<{ readonly words: string; readonly bad?: true }>();
  const picker = useRef<HTMLInputElement>(null);
  useEffect(() => {
    void allPhotos(db)
      .catch(() => [])
      .then(setPhotos);
  }, [db]);
  const left = photos.filter((p) => !Object.hasOwn(donors, p.donorId));
  const bytes = photos.reduce((sum, p) => sum + p.jpeg.length, 0);
  const take = async (file: File) => {
    if (file.size > PHOTOS_SIZE_LIMIT)
      return setSaid({ words: 'This file is too large to be one of photos.', bad: true });
    const read = parsePhotosFile(await file.text());
    if (read.kind === 'fault') return setSaid({ words: photosFileWords(read.code), bad: true });
    const mine = read.photos.filter((p) => Object.hasOwn(donors, p.donorId));
    const faults: PhotoFault[] = [];
    for (const photo of mine) {
      const kept = await keepPhoto(db, photo);
      if (kept.kind === 'fault') faults.push(kept.fault);
    }
    setPhotos(await allPhotos(db));
    const others = read.photos.length - mine.length;
    const lines = [
      `${mine.length - faults.length} of ${read.photos.length} photos taken in.`,
      others > 0 ? `${others} are of machines that this dossier does not hold.` : '',
      ...faults.map(photoFaultWords),
    ];
    return setSaid({ words: lines.filter(Boolean).join(' '), ...(faults[0] ? { bad: true } : {}) });
  };
  return (
    <Panel title="Photos">
      <Text>
        {photos.length === 0
          ? 'No photos yet. They are taken on the card, at the machine.'
          : `${photos.length} ${photos.length === 1 ? 'photo' : 'photos'}, ${formatNumber(bytes / 1e6, 1)} MB. They lie in this browser and are left out of dossier files.`}
      </Text>
      <Flex gap="2" wrap="wrap" pt="2">
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          disabled={photos.length === 0}
          onClick={() =>
            downloadFile(
              new Blob([formatPhotosFile(photos)], { type: 'application/json' }),
              `jugator-photos-${today()}.json`,
            )
          }
        >
          <Download size={16} /> Save them to a file
        </Button>
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          onClick={() => picker.current?.click()}
        >
          <FolderOpen size={16} /> Take photos in from a file
        </Button>
        <FileInput
          ref={picker}
          label="File of photos"
          accept=".json,application/json"
          onFile={(file) => void take(file)}
        />
      </Flex>
      {left.length > 0 && (
        <Text mt="2">
          {left.length} {left.length === 1 ? 'is' : 'are'} of machines that are gone from this
          dossier; undo may bring the machines back.{' '}
          <Button
            size="xs"
            variant="ghost"
            color="fail"
            onClick={() => {
              void Promise.all(left.map((p) => dropPhoto(db, p.id)))
                .then(() => allPhotos(db))
                .then(setPhotos);
            }}
          >
            Delete these
          </Button>
        </Text>
      )}
      {said && (
        <Text
          role={said.bad ? 'alert' : 'status'}
          mt="2"
          fontWeight="600"
          color={said.bad ? 'fail' : 'fg'}
        >
          {said.words}
        </Text>
      )}
    </Panel>
  );
}

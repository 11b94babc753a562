'use client';
import { Box, Button, Dialog, Flex, Image, Input, Portal, Text } from '@chakra-ui/react';
import { Camera, Trash2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { PHOTO_LIMITS, usePhotos, type Photo, type PhotosModel } from '@/store/photos';
import { FileInput, Panel } from '../fields';
import { photoFaultWords } from '../messages';

/** The photos of one machine: taken or picked, shrunk, with words; kept in this browser alone. */
export function PhotoRoll({
  donorId,
  name,
  large = false,
}: {
  readonly donorId: string;
  /** The machine, for whoever hears the page. */
  readonly name: string;
  /** For a phone and cold hands. */
  readonly large?: boolean;
}) {
  const model = usePhotos(donorId);
  const picker = useRef<HTMLInputElement>(null);
  const [shown, setShown] = useState<string>();
  const { photos, faults, busy, removed } = model;
  const open = photos.find((p) => p.id === shown);
  return (
    <Panel
      title="Photos"
      aside={
        <Text fontSize="sm" color="fg.muted" fontWeight="600">
          {photos.length} of {PHOTO_LIMITS.most}
        </Text>
      }
    >
      <Flex gap="2" wrap="wrap" align="center">
        {photos.map((photo) => (
          <Thumb key={photo.id} photo={photo} name={name} onOpen={() => setShown(photo.id)} />
        ))}
        <Button
          variant="outline"
          borderColor="border.emphasized"
          size={large ? 'lg' : 'sm'}
          disabled={busy}
          onClick={() => picker.current?.click()}
        >
          <Camera size={17} /> {busy ? 'Shrinking…' : 'Add a photo'}
        </Button>
        <FileInput
          ref={picker}
          label={`Photo of ${name}`}
          accept="image/*"
          onFile={(file) => void model.add([file])}
        />
      </Flex>
      {faults.map((fault) => (
        <Text key={`${fault.code}-${fault.name}`} role="alert" color="fail" fontWeight="600" mt="1">
          {photoFaultWords(fault)}
        </Text>
      ))}
      {removed && (
        <Text fontSize="sm" mt="1">
          The photo is deleted.{' '}
          <Button size="xs" variant="outline" onClick={() => void model.takeBack()}>
            Take it back
          </Button>
        </Text>
      )}
      <Text fontSize="xs" color="fg.muted" mt="1">
        Shrunk to {PHOTO_LIMITS.side_px} pixels, and without the place it was taken at. They lie in
        this browser and are left out of files; under Dossier they can be saved to one of their own.
      </Text>
      {open && (
        <Opened photo={open} name={name} model={model} onClose={() => setShown(undefined)} />
      )}
    </Panel>
  );
}

/** A link to the picture as long as it is shown. */
function useUrl(photo: Photo): string {
  const url = useMemo(
    () => URL.createObjectURL(new Blob([photo.jpeg], { type: 'image/jpeg' })),
    [photo.jpeg],
  );
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  return url;
}

const altOf = ({ words, on }: Photo, name: string): string =>
  `${name}, ${words === '' ? `photo of ${on}` : words}`;

function Thumb({
  photo,
  name,
  onOpen,
}: {
  readonly photo: Photo;
  readonly name: string;
  readonly onOpen: () => void;
}) {
  const url = useUrl(photo);
  return (
    <button type="button" onClick={onOpen} aria-label={`Open: ${altOf(photo, name)}`}>
      <Image
        src={url}
        alt=""
        width={88}
        height={66}
        style={{ width: 88, height: 66, objectFit: 'cover', borderRadius: 4 }}
      />
      <Text as="span" display="block" fontSize="xs" maxW="88px" truncate>
        {photo.words || photo.on}
      </Text>
    </button>
  );
}

function Opened({
  photo,
  name,
  model,
  onClose,
}: {
  readonly photo: Photo;
  readonly name: string;
  readonly model: PhotosModel;
  readonly onClose: () => void;
}) {
  const url = useUrl(photo);
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()} size="lg">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel">
            <Dialog.Header>
              <Dialog.Title>
                {name}, {photo.on}
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <Image
                src={url}
                alt={altOf(photo, name)}
                width={photo.width}
                height={photo.height}
                style={{ maxWidth: '100%', height: 'auto', maxHeight: '60vh', margin: '0 auto' }}
              />
              <Box mt="2">
                <label htmlFor={`photo-${photo.id}`}>What it shows</label>
                <Input
                  id={`photo-${photo.id}`}
                  size="sm"
                  bg="bg.panel"
                  borderColor="border.emphasized"
                  maxLength={PHOTO_LIMITS.words}
                  defaultValue={photo.words}
                  onBlur={(e) =>
                    e.target.value !== photo.words && void model.setWords(photo, e.target.value)
                  }
                />
              </Box>
            </Dialog.Body>
            <Dialog.Footer>
              <Button
                size="sm"
                variant="ghost"
                color="fail"
                onClick={() => {
                  onClose();
                  void model.remove(photo);
                }}
              >
                <Trash2 size={15} /> Delete
              </Button>
              <Button size="sm" variant="outline" onClick={onClose}>
                Close
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

'use client';
import { Button, Dialog, Kbd, Portal, Table } from '@chakra-ui/react';
import { KEY_LIST } from './use-keys';

/** The list of keys. */
export function KeyHelp({
  open,
  onClose,
}: {
  readonly open: boolean;
  readonly onClose: () => void;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(e) => !e.open && onClose()} size="sm">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel">
            <Dialog.Header>
              <Dialog.Title>Keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <Table.Root size="sm">
                <Table.Body>
                  {KEY_LIST.map((k) => (
                    <Table.Row key={k.keys} bg="transparent">
                      <Table.Cell>
                        <Kbd>{k.keys}</Kbd>
                      </Table.Cell>
                      <Table.Cell>{k.does}</Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Dialog.Body>
            <Dialog.Footer>
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

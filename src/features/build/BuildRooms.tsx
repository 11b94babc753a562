import type { Route } from 'next';
import { Rooms } from '@/ui/Rooms';

const ROOMS: readonly (readonly [Route, string])[] = [
  ['/build', 'Bench'],
  ['/build/catalogue', 'Catalogue'],
  ['/build/curve', 'Money curve'],
  ['/build/stages', 'Stages'],
  ['/build/ways', 'Ways out'],
];

/** The rooms of the build. */
export const BuildRooms = () => <Rooms label="Rooms of the build" rooms={ROOMS} />;

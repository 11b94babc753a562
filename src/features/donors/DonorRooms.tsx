import type { Route } from 'next';
import { Rooms } from '@/ui/Rooms';

const ROOMS: readonly (readonly [Route, string])[] = [
  ['/donors', 'Machines'],
  ['/donors/classes', 'Classes'],
];

/** The rooms of the donors. */
export const DonorRooms = () => <Rooms label="Rooms of the donors" rooms={ROOMS} />;

import { useMemo } from 'react';
import { useCatalogue } from '../api/queries';
import type { Station } from './Station';

const files = import.meta.glob<{ station: Station }>('./*/station.ts', { eager: true });
const built = new Map<Station['key'], Station>(Object.values(files).map(({ station }) => [station.key, station]));

/** All there are, in no order. */
export const allStations: Station[] = [...built.values()];

export type StationKey = Station['key'];

/** The stations in working order, which the server tells: the rail, the keys, the search and the addresses go by it. */
export function useStations(): Station[] {
    const order = useCatalogue().data?.stations;
    return useMemo(() => (order ?? []).flatMap((key) => built.get(key as StationKey) ?? []), [order]);
}

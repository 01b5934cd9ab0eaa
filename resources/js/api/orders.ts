/** The orders of a job that were released, as every station that needs them asks for them. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { PlanOrder } from '../contracts/load-out';
import { call } from './client';

/** A sheet that no longer serves, in words, and the pieces it is about. */
export interface Serves {
    severity: 'block' | 'settle';
    pieces: string[];
    text: string;
}

export interface ReleasedOrder {
    id: number;
    number: number;
    revision: number;
    releasedBy: string;
    releasedAt: string;
    order: PlanOrder;
    /** Whether the plan would order otherwise today. */
    changed: boolean;
    /** What of it no longer serves; of the newest alone. */
    serves: Serves[];
    /** Names of its files, as they were at the release. */
    files: string[];
}

/** The newest first. */
export function useOrders(job: string, revision: number) {
    return useQuery({
        queryKey: ['orders', job, revision],
        placeholderData: keepPreviousData,
        queryFn: () => call<ReleasedOrder[]>('GET', `jobs/${job}/orders`),
    });
}

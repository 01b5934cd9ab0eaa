import { useQuery } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useMemo, useRef, useState, createElement, type ReactNode } from 'react';
import { ApiError, call } from '../api/client';
import { useJob } from '../job/JobContext';
import { useJobTape } from '../tape/JobTape';
import { typedPitch } from '../tape/measures';

interface GaugeReading {
    number: number;
    kind: 'length' | 'pitch' | 'metal';
    value: number;
}

interface GaugeState {
    listening: boolean;
    listen: (on: boolean) => void;
    last: GaugeReading | null;
    /** What is wrong with the device, in words; null while it answers. */
    fault: string | null;
    retry: () => void;
}

const EVERY_MS = 1500;

const GaugeContext = createContext<GaugeState>({
    listening: false,
    listen: () => undefined,
    last: null,
    fault: null,
    retry: () => undefined,
});

/** Listens to the laser and the angle gauge while asked to; each reading comes once. */
export function GaugeHolder({ children }: { children: ReactNode }) {
    const job = useJob();
    const [listening, listen] = useState(false);
    const [last, setLast] = useState<GaugeReading | null>(null);
    const after = useRef<number | null>(null);
    const query = useQuery({
        queryKey: ['gauge', job.id],
        queryFn: () =>
            call<{ last: number; readings: GaugeReading[] }>(
                'GET',
                `jobs/${job.id}/gauge${after.current === null ? '' : `?after=${after.current}`}`,
            ),
        enabled: listening,
        refetchInterval: (state) => (state.state.status === 'error' ? false : EVERY_MS),
        retry: false,
        gcTime: 0,
    });
    const { data, dataUpdatedAt } = query;
    useEffect(() => {
        if (!data) return;
        const fresh = data.readings.filter((reading) => after.current !== null && reading.number > after.current);
        if (fresh.length > 0) setLast(fresh[fresh.length - 1]);
        after.current = data.last;
    }, [data, dataUpdatedAt]);
    const { error, refetch } = query;
    const value = useMemo<GaugeState>(
        () => ({
            listening,
            listen,
            last: listening ? last : null,
            fault: listening && error ? (error instanceof ApiError ? (error.message409 ?? '') : '') : null,
            retry: () => void refetch(),
        }),
        [listening, last, error, refetch],
    );
    return createElement(GaugeContext.Provider, { value }, children);
}

export function useGaugeState(): GaugeState {
    return useContext(GaugeContext);
}

/** What a waiting field takes from the device: the reading as one would type it. */
export function useGauge(kind: 'length' | 'pitch'): { number: number; typed: string } {
    const { units } = useJob();
    const { last } = useGaugeState();
    const print = useJobTape();
    if (last?.kind !== kind) return { number: 0, typed: '' };
    return {
        number: last.number,
        typed: kind === 'pitch' ? typedPitch(last.value, units) : print(last.value),
    };
}

/** How warm the metal is by the last reading of its temperature, °F. */
export function useMetal(): { number: number; fahrenheit: number } | null {
    const { last } = useGaugeState();
    return last?.kind === 'metal' ? { number: last.number, fahrenheit: last.value } : null;
}

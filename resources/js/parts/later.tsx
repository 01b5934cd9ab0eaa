import { useQuery, type QueryClient } from '@tanstack/react-query';
import type { ComponentType, ReactNode } from 'react';
import { NotCome } from './NotCome';

interface Code {
    default: unknown;
}

const known: { part: string; load: () => Promise<Code> }[] = [];

/** The code of a part, kept once it has come; it fails rather than waits where there is no connection. */
const codeOf = (part: string, load: () => Promise<Code>) => ({
    queryKey: ['part', part],
    queryFn: load,
    staleTime: Infinity,
    gcTime: Infinity,
    networkMode: 'always' as const,
});

/**
 * A part whose code comes when it is first wanted. Where it does not come (no connection, or an update has taken its place) it says so in its own
 * place and can be asked for again; what stands round it stays.
 */
export function later<P extends object>(
    part: string,
    load: () => Promise<{ default: ComponentType<P> }>,
    waiting: ReactNode = null,
    /** Large, and wanted by few: it comes only when it is asked for. */
    seldom = false,
) {
    if (!seldom) known.push({ part, load });
    return function Later(props: P & { onClose?: () => void }) {
        const code = useQuery({ ...codeOf(part, load), retry: 1 });
        if (code.isError) return <NotCome part={part} onAgain={() => void code.refetch()} onClose={props.onClose} />;
        if (!code.data) return waiting;
        const Part = (code.data as { default: ComponentType<P> }).default;
        return <Part {...props} />;
    };
}

/** What has not come yet, to be fetched when nothing else is to be done. */
export const fetchQuietly = (client: QueryClient) =>
    known.map(
        ({ part, load }) =>
            () =>
                client.prefetchQuery(codeOf(part, load)),
    );

import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import type { SticksSlice } from '../../contracts/edges';
import { useJob } from '../../job/JobContext';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { useJobTape } from '../../tape/JobTape';
import { ClosedStrip } from './ClosedStrip';
import { RunChips } from './RunChips';
import { StickMap } from './StickMap';
import { StickStrip } from './StickStrip';
import { SticksBench } from './SticksBench';

interface SticksViewProps {
    /** What stands over the deck. */
    head: ReactNode;
    edge: string | null;
}

type Lot = SticksSlice['lots'][number];

/** The first of its pieces tells a run of the kind. */
const runOf = (lot: Lot): string | undefined => lot.rows[0]?.cuts[0]?.id.replace(/\.\d+$/, '');

/** What is cut from which stick, and how the pieces of one edge lie. */
export function SticksView({ head, edge }: SticksViewProps) {
    const { t } = useTranslation();
    const job = useJob();
    const [picked, setPicked] = useState<{ edge: string | null; run: string; closed?: string } | null>(null);
    const own = picked?.edge === edge ? picked : null;
    const slice = usePlanSlice(job.id, 'sticks', job.revision, own?.run ?? edge).data;
    const run = slice?.run;
    const onRun = (id: string | undefined) => id && setPicked({ edge, run: id });
    if (!run)
        return (
            <StationFrame
                title={t('edges.view.sticks')}
                head={head}
                isHere={slice !== undefined}
                none={t('sticks.none')}
            >
                {slice && <StickMap lots={slice.lots} picked={null} onPick={(lot) => onRun(runOf(lot))} />}
            </StationFrame>
        );
    return (
        <SticksOfRun
            head={head}
            slice={slice}
            run={run}
            closed={slice.closed.find((one) => one.key === own?.closed)}
            onRun={onRun}
            onClosed={(closed) => setPicked({ edge, run: run.id, closed })}
        />
    );
}

interface SticksOfRunProps {
    head: ReactNode;
    slice: SticksSlice;
    run: NonNullable<SticksSlice['run']>;
    /** Of what closes pans, what is picked. */
    closed: SticksSlice['closed'][number] | undefined;
    onRun: (run: string | undefined) => void;
    onClosed: (key: string) => void;
}

function SticksOfRun({ head, slice, run, closed, onRun, onClosed }: SticksOfRunProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const lot = slice.lots.find((one) => one.kind === run.kind);
    const title = t('sticks.title', { name: run.name, length: print(run.length, 'up'), count: run.pieces.length });
    return (
        <StationFrame
            title={t('edges.view.sticks')}
            head={head}
            isHere
            bench={lot && <SticksBench slice={slice} run={run} lot={lot} />}
            tape={closed ? <ClosedStrip key={closed.key} closed={closed} /> : <StickStrip run={run} title={title} />}
        >
            <RunChips runs={slice.runs} picked={closed ? null : run.id} onPick={onRun}>
                <Chips all={slice.closed} picked={closed?.key} onPick={onClosed} />
            </RunChips>
            <StickMap lots={slice.lots} picked={run.kind} onPick={(one) => onRun(runOf(one))} />
        </StationFrame>
    );
}

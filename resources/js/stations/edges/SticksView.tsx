import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { StationFrame } from '../../kit/StationFrame';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { RunChips } from './RunChips';
import { ClosedStrip } from './ClosedStrip';
import { StickMap } from './StickMap';
import { SticksBench } from './SticksBench';
import { StickStrip } from './StickStrip';

interface SticksViewProps {
    /** What stands over the deck. */
    head: ReactNode;
    edge: string | null;
}

/** What is cut from which stick, and how the pieces of one edge lie. */
export function SticksView({ head, edge }: SticksViewProps) {
    const { t } = useTranslation();
    const job = useJob();
    const print = useJobTape();
    const [picked, setPicked] = useState<{ edge: string | null; run: string; closed?: string } | null>(null);
    const wanted = picked && picked.edge === edge ? picked.run : edge;
    const slice = usePlanSlice(job.id, 'sticks', job.revision, wanted).data;
    const run = slice?.run ?? null;
    const closed = slice?.closed.find((one) => picked?.edge === edge && one.key === picked.closed) ?? null;
    const lot = slice?.lots.find((one) => one.kind === run?.kind) ?? null;
    const title = run
        ? t('sticks.title', { name: run.name, length: print(run.length, 'up'), count: run.pieces.length })
        : '';
    return (
        <StationFrame
            title={t('edges.view.sticks')}
            head={head}
            isHere={slice !== undefined}
            none={run ? null : t('sticks.none')}
            bench={slice && run && lot && <SticksBench slice={slice} run={run} lot={lot} />}
            tape={
                closed ? (
                    <ClosedStrip key={closed.key} closed={closed} />
                ) : (
                    run && <StickStrip run={run} title={title} />
                )
            }
        >
            {slice && run && (
                <RunChips
                    runs={slice.runs}
                    picked={closed ? null : run.id}
                    onPick={(id) => setPicked({ edge, run: id })}
                >
                    {slice.closed.map((one) => (
                        <button
                            key={one.key}
                            type="button"
                            className="chip"
                            aria-pressed={one.key === closed?.key}
                            onClick={() => setPicked({ edge, run: run.id, closed: one.key })}
                        >
                            {one.name}
                        </button>
                    ))}
                </RunChips>
            )}
            {slice && (
                <StickMap
                    lots={slice.lots}
                    picked={run?.kind ?? null}
                    onPick={(one) => {
                        // The first of its pieces tells a run of the kind.
                        const piece = one.rows[0]?.cuts[0]?.id;
                        if (piece) setPicked({ edge, run: piece.replace(/\.\d+$/, '') });
                    }}
                />
            )}
        </StationFrame>
    );
}

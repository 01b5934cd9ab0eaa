import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import type { EndsSlice } from '../../contracts/edges';
import { useJob } from '../../job/JobContext';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { TapeStrip } from '../../tape/TapeStrip';
import { EndDrawing } from './EndDrawing';
import { EndsBench } from './EndsBench';
import { RunChips } from './RunChips';

interface EndsViewProps {
    /** What stands over the deck. */
    head: ReactNode;
    edge: string | null;
}

/** How the ends of one edge's trims are cut, each as a card. */
export function EndsView({ head, edge }: EndsViewProps) {
    const { t } = useTranslation();
    const job = useJob();
    const [picked, setPicked] = useState<{ edge: string | null; run?: string; end?: string }>({ edge });
    const own = picked.edge === edge ? picked : { edge };
    const slice = usePlanSlice(job.id, 'ends', job.revision, own.run ?? edge).data;
    const run = slice?.run;
    if (!run)
        return (
            <StationFrame
                title={t('edges.view.ends')}
                head={head}
                isHere={slice !== undefined}
                none={t('sticks.none')}
            />
        );
    return (
        <EndsOfRun
            head={head}
            slice={slice}
            run={run}
            end={own.end}
            onRun={(id) => setPicked({ edge, run: id })}
            onEnd={(end) => setPicked({ ...own, run: run.id, end })}
        />
    );
}

interface EndsOfRunProps {
    head: ReactNode;
    slice: EndsSlice;
    run: NonNullable<EndsSlice['run']>;
    /** Of the end that is picked, its key. */
    end: string | undefined;
    onRun: (run: string) => void;
    onEnd: (end: string) => void;
}

function EndsOfRun({ head, slice, run, end, onRun, onEnd }: EndsOfRunProps) {
    const { t } = useTranslation();
    const [back, setBack] = useState(true);
    useHotkeys('f', () => setBack(!back), [back]);
    const card = slice.cards.find((one) => one.key === end) ?? slice.cards[0] ?? null;
    return (
        <StationFrame
            title={t('edges.view.ends')}
            head={head}
            isHere
            bench={<EndsBench slice={slice} card={card} />}
            tape={
                <TapeStrip
                    title={t('ends.tape', { name: run.name })}
                    hint={t('ends.tape-hint', { count: run.sketch.lines.length })}
                    from={0}
                    to={run.sketch.girth}
                    inchesOnly
                    marks={run.sketch.lines.map((at) => ({ at, tone: 'ink' as const }))}
                />
            }
        >
            <RunChips runs={slice.runs} picked={run.id} onPick={onRun}>
                <span className="spacer" />
                <button type="button" className="chip" aria-pressed={!back} onClick={() => setBack(!back)}>
                    {t('ends.colour')} <kbd>f</kbd>
                </button>
            </RunChips>
            {slice.cards.length > 1 && (
                <div className="rowed" role="group" aria-label={t('edges.view.ends')} style={{ marginTop: 8 }}>
                    <Chips
                        all={slice.cards.map((one) => ({ key: one.key, name: one.short }))}
                        picked={card?.key}
                        onPick={onEnd}
                    />
                </div>
            )}
            {card ? <EndDrawing card={card} back={back} /> : <p className="sheet">{t('ends.none')}</p>}
        </StationFrame>
    );
}

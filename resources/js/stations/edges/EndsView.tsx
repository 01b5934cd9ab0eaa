import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { StationFrame } from '../../kit/StationFrame';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { TapeStrip } from '../../tape/TapeStrip';
import { EndDrawing } from './EndDrawing';
import { RunChips } from './RunChips';
import { EndsBench } from './EndsBench';

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
    const [back, setBack] = useState(true);
    useHotkeys('f', () => setBack(!back), [back]);
    const own = picked.edge === edge ? picked : { edge };
    const slice = usePlanSlice(job.id, 'ends', job.revision, own.run ?? edge).data;
    const run = slice?.run ?? null;
    const card = slice?.cards.find((one) => one.key === own.end) ?? slice?.cards[0] ?? null;
    return (
        <StationFrame
            title={t('edges.view.ends')}
            head={head}
            isHere={slice !== undefined}
            none={run ? null : t('sticks.none')}
            bench={slice && run && <EndsBench slice={slice} card={card} />}
            tape={
                run && (
                    <TapeStrip
                        title={t('ends.tape', { name: run.name })}
                        hint={t('ends.tape-hint', { count: run.sketch.lines.length })}
                        from={0}
                        to={run.sketch.girth}
                        inchesOnly
                        marks={run.sketch.lines.map((at) => ({ at, tone: 'ink' as const }))}
                    />
                )
            }
        >
            {slice && run && (
                <RunChips runs={slice.runs} picked={run.id} onPick={(id) => setPicked({ edge, run: id })}>
                    <span className="spacer" />
                    <button type="button" className="chip" aria-pressed={!back} onClick={() => setBack(!back)}>
                        {t('ends.colour')} <kbd>f</kbd>
                    </button>
                </RunChips>
            )}
            {slice && slice.cards.length > 1 && (
                <div className="rowed" role="group" aria-label={t('edges.view.ends')} style={{ marginTop: 8 }}>
                    {slice.cards.map((one) => (
                        <button
                            key={one.key}
                            type="button"
                            className="chip"
                            aria-pressed={one.key === card?.key}
                            onClick={() => setPicked({ ...own, run: run?.id, end: one.key })}
                        >
                            {one.short}
                        </button>
                    ))}
                </div>
            )}
            {card && <EndDrawing card={card} back={back} />}
            {run && !card && <p className="sheet">{t('ends.none')}</p>}
        </StationFrame>
    );
}

import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import type { Layout, LayoutSlice } from '../../contracts/layout';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { setLayout } from './edits';
import { asChoice, layOut } from './edits';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { markOf } from '../../tape/printTape';
import { AllMarks } from './AllMarks';
import { LayoutBench } from './LayoutBench';
import { LayoutDrawing } from './LayoutDrawing';
import { LayoutTape } from './LayoutTape';
import { SystemDialog } from './SystemDialog';
import { usePitch } from '../../tape/measures';

/** Where the seams fall. */
export default function LayoutStation() {
    const { t } = useTranslation();
    const job = useJob();
    const [params, setParams] = useSearchParams();
    const { pick, setPick } = usePick();
    const [choosing, setChoosing] = useState(false);
    const allMarks = params.get('view') === 'marks';
    const slice = usePlanSlice(
        job.id,
        'layout',
        job.revision,
        params.get('face') ?? (pick?.kind === 'face' ? pick.id : null),
    ).data;
    const laid = slice?.face ?? null;
    const face = slice?.faces.find((face) => face.id === laid?.id);
    const kept: Layout = (laid && job.document.layout?.[laid.id]) ?? {};
    const now = laid?.alternatives.find((way) => way.chosen);
    const pinned = kept.pinned ?? false;
    // Panels laid sideways have one way to lie.
    const mayLay = job.mayChange && face?.direction !== 'across';
    const free = mayLay && !pinned && laid !== null;
    const tied = laid?.group?.faces ?? [];
    // What nobody has decided is where the search put it: from there one nudges and there one pins.
    const decided = (entry: Layout | undefined): Layout =>
        entry && (entry.start !== 'found' || entry.at !== undefined) ? entry : now ? asChoice(now) : {};
    const put = (layout: Layout) => laid && job.edit((d) => layOut(d, laid.id, layout, tied));
    const pin = () =>
        laid && mayLay && job.edit((d) => setLayout(d, laid.id, { ...decided(d.layout?.[laid.id]), pinned: !pinned }));
    const nudge = (inches: number) => {
        if (!free || !laid) return;
        job.edit((d) => {
            const entry = decided(d.layout?.[laid.id]);
            return layOut(d, laid.id, { ...entry, nudge: Math.round(((entry.nudge ?? 0) + inches) * 1e6) / 1e6 }, tied);
        });
    };
    const show = (next: Record<string, string>) =>
        setParams({ ...(laid ? { face: laid.id } : {}), ...next }, { replace: true });
    const onFace = (id: string) => {
        setParams({ face: id }, { replace: true });
        setPick({ kind: 'face', id });
    };
    const mark = markOf(job.division);
    useHotkeys('[', () => nudge(-mark), { useKey: true, ignoreModifiers: true });
    useHotkeys(']', () => nudge(mark), { useKey: true, ignoreModifiers: true });
    useHotkeys('{', () => nudge(-1), { useKey: true, ignoreModifiers: true });
    useHotkeys('}', () => nudge(1), { useKey: true, ignoreModifiers: true });
    useHotkeys('p', pin);
    useHotkeys('c', () => show(allMarks ? {} : { view: 'marks' }), [allMarks, laid?.id]);

    // What the document says already and the plan does not yet: drawn ahead, printed only when the plan is here.
    const ahead =
        laid && (kept.start ?? laid.layout.start) === laid.layout.start ? (kept.nudge ?? 0) - laid.layout.nudge : 0;

    return (
        <StationFrame
            title={t('layout.title')}
            head={
                slice && (
                    <>
                        <Chips
                            all={slice.faces.map((one) => ({ key: one.id, name: one.name }))}
                            picked={allMarks ? null : laid?.id}
                            onPick={onFace}
                        />
                        {laid && (
                            <button
                                type="button"
                                className="chip"
                                aria-pressed={allMarks}
                                onClick={() => show(allMarks ? {} : { view: 'marks' })}
                            >
                                {t('layout.marks')} <kbd>c</kbd>
                            </button>
                        )}
                        <span className="spacer" />
                        {face && <SystemLine slice={slice} face={face} onChoose={() => setChoosing(true)} />}
                    </>
                )
            }
            isHere={slice !== undefined}
            none={laid && face ? null : t('layout.no-face')}
            toSurvey
            bench={
                laid &&
                face &&
                slice && (
                    <LayoutBench
                        slice={slice}
                        laid={laid}
                        face={face}
                        choice={decided(job.document.layout?.[laid.id])}
                        free={free}
                        pinned={pinned}
                        onChoose={put}
                        onNudge={nudge}
                        onPin={pin}
                        mark={mark}
                        onSystem={() => setChoosing(true)}
                    />
                )
            }
            tape={
                <>
                    {laid && <LayoutTape laid={laid} />}
                    {choosing && slice && <SystemDialog system={slice.system} onClose={() => setChoosing(false)} />}
                </>
            }
        >
            {allMarks && laid && <AllMarks />}
            {!allMarks && face && laid && slice && (
                <LayoutDrawing
                    face={face}
                    laid={laid}
                    cover={slice.profile.cover}
                    ahead={ahead}
                    mayDrag={free}
                    onNudge={nudge}
                    mark={mark}
                />
            )}
        </StationFrame>
    );
}

interface SystemLineProps {
    slice: LayoutSlice;
    face: LayoutSlice['faces'][number];
    onChoose: () => void;
}

/** What the roof is covered with, and the way to choose something else. */
function SystemLine({ slice, face, onChoose }: SystemLineProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const pitch = usePitch();
    return (
        <button type="button" className="linkish" onClick={onChoose} title={t('system.choose')}>
            <Said
                text={t('layout.system', {
                    pitch: pitch(face.riseIn12),
                    profile: slice.profile.key,
                    cover: print(slice.profile.cover, 'nearest', true),
                })}
            />
        </button>
    );
}

import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import type { LayoutSlice } from '../../contracts/layout';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { usePickedFace } from '../../kit/usePickedFace';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { markOf } from '../../tape/printTape';
import { AllMarks } from './AllMarks';
import { LayoutBench } from './LayoutBench';
import { LayoutDrawing } from './LayoutDrawing';
import { LayoutTape } from './LayoutTape';
import { SystemDialog } from './SystemDialog';
import { useLaying } from './useLaying';
import { usePitch } from '../../tape/measures';

/** Where the seams fall. */
export default function LayoutStation() {
    const { t } = useTranslation();
    const job = useJob();
    const [choosing, setChoosing] = useState(false);
    const slice = usePlanSlice(job.id, 'layout', job.revision, usePickedFace()).data;
    const laid = slice?.face;
    const face = slice?.faces.find((one) => one.id === laid?.id);
    const onSystem = () => setChoosing(true);
    const dialog = choosing && slice && <SystemDialog system={slice.system} onClose={() => setChoosing(false)} />;
    if (!laid || !face)
        return (
            <StationFrame
                title={t('layout.title')}
                isHere={slice !== undefined}
                none={t('layout.no-face')}
                toSurvey
                tape={dialog}
            />
        );
    return <FaceAtWork slice={slice} laid={laid} face={face} onSystem={onSystem} dialog={dialog} />;
}

interface FaceAtWorkProps {
    slice: LayoutSlice;
    laid: NonNullable<LayoutSlice['face']>;
    face: LayoutSlice['faces'][number];
    onSystem: () => void;
    dialog: ReactNode;
}

function FaceAtWork({ slice, laid, face, onSystem, dialog }: FaceAtWorkProps) {
    const { t } = useTranslation();
    const job = useJob();
    const [params, setParams] = useSearchParams();
    const { setPick } = usePick();
    const allMarks = params.get('view') === 'marks';
    const laying = useLaying(laid, face.direction !== 'across');
    const show = (next: Record<string, string>) => setParams({ face: laid.id, ...next }, { replace: true });
    const onMarks = () => show(allMarks ? {} : { view: 'marks' });
    const onFace = (id: string) => {
        setParams({ face: id }, { replace: true });
        setPick({ kind: 'face', id });
    };
    const mark = markOf(job.division);
    useHotkeys('c', onMarks, [allMarks, laid.id]);
    return (
        <StationFrame
            title={t('layout.title')}
            head={
                <>
                    <Chips
                        all={slice.faces.map((one) => ({ key: one.id, name: one.name }))}
                        picked={allMarks ? null : laid.id}
                        onPick={onFace}
                    />
                    <button type="button" className="chip" aria-pressed={allMarks} onClick={onMarks}>
                        {t('layout.marks')} <kbd>c</kbd>
                    </button>
                    <span className="spacer" />
                    <SystemLine slice={slice} face={face} onChoose={onSystem} />
                </>
            }
            isHere
            bench={
                <LayoutBench
                    slice={slice}
                    laid={laid}
                    face={face}
                    choice={laying.choice}
                    free={laying.free}
                    pinned={laying.pinned}
                    onChoose={laying.put}
                    onNudge={laying.nudge}
                    onPin={laying.pin}
                    mark={mark}
                    onSystem={onSystem}
                />
            }
            tape={
                <>
                    <LayoutTape laid={laid} />
                    {dialog}
                </>
            }
        >
            {allMarks ? (
                <AllMarks />
            ) : (
                <LayoutDrawing
                    face={face}
                    laid={laid}
                    cover={slice.profile.cover}
                    ahead={laying.ahead}
                    mayDrag={laying.free}
                    onNudge={laying.nudge}
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

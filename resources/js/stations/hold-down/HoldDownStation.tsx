import { beside } from '../../words/lists';
import { useCallback, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import type { HeldFace, HoldDownSlice } from '../../contracts/hold-down';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { useParam } from '../../kit/useParam';
import { usePickedFace } from '../../kit/usePickedFace';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { TapeStrip } from '../../tape/TapeStrip';
import { addPlace, type GuardedFor } from './edits';
import { HemGap } from './HemGap';
import { HoldBench } from './HoldBench';
import { HoldDrawing } from './HoldDrawing';
import { SnowForm } from './SnowForm';

/** Will it stay on? */
export default function HoldDownStation() {
    const { t } = useTranslation();
    const job = useJob();
    const slice = usePlanSlice(job.id, 'hold-down', job.revision, usePickedFace()).data;
    const held = slice?.face;
    const face = slice?.faces.find((one) => one.id === held?.id);
    if (!held || !face)
        return <StationFrame title={t('hold.title')} isHere={slice !== undefined} none={t('hold.none')} toSurvey />;
    return <HeldFaceAtWork key={held.id} slice={slice} held={held} face={face} />;
}

interface AtWork {
    slice: HoldDownSlice;
    held: HeldFace;
    face: HoldDownSlice['faces'][number];
}

function HeldFaceAtWork({ slice, held, face }: AtWork) {
    const { t } = useTranslation();
    const job = useJob();
    const { seam, setSeam } = useSeam(held);
    const [marking, setMarking] = useState<GuardedFor | null>(null);
    const onMark = (kind: GuardedFor) => (from: number, to: number) => {
        job.edit((d) => addPlace(d, { face: held.id, from, to, for: kind }));
        setMarking(null);
    };
    return (
        <StationFrame
            title={t('hold.title')}
            head={<FacesHead slice={slice} />}
            isHere
            bench={
                <HoldBench
                    slice={slice}
                    held={held}
                    hem={<HemToday face={held.id} />}
                    snow={<SnowForm slice={slice} held={held} marking={marking} onMarking={setMarking} />}
                />
            }
            tape={
                <>
                    {seam && <SeamTape seam={seam} />}
                    {held.rows.length > 0 && <RowsTape held={held} />}
                </>
            }
        >
            <HoldDrawing
                face={face}
                held={held}
                isEstimate={slice.wind.kind === 'estimate'}
                seam={seam}
                onSeam={setSeam}
                onMark={marking ? onMark(marking) : null}
            />
        </StationFrame>
    );
}

/** The seam whose clips are on the tape; arrows go from one to the next. */
function useSeam(held: HeldFace) {
    const [picked, setSeam] = useState<number | null>(null);
    const wanted = picked ?? held.shown;
    const at = held.seams.findIndex((one) => one.number === wanted);
    const go = (step: number) => {
        const next = at < 0 ? undefined : held.seams[at + step];
        if (next) setSeam(next.number);
    };
    useHotkeys('left', () => go(-1), [held, at]);
    useHotkeys('right', () => go(1), [held, at]);
    return { seam: held.seams[at] ?? null, setSeam };
}

/** How far hems are set today, by how warm the metal is. */
function HemToday({ face }: { face: string }) {
    const job = useJob();
    const [params] = useSearchParams();
    const setParam = useParam();
    const typed = params.get('metal');
    const metalF = typed === null || Number.isNaN(Number(typed)) ? null : Number(typed);
    const hem = usePlanSlice(job.id, 'hem', job.revision, face, true, { metalF }).data;
    const onMetal = useCallback(
        (metal: number | null) => setParam('metal', metal === null ? null : String(metal)),
        [setParam],
    );
    return hem ? <HemGap hem={hem} metalF={metalF} onMetal={onMetal} /> : null;
}

function FacesHead({ slice }: { slice: HoldDownSlice }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const { setPick } = usePick();
    const setParam = useParam();
    const onFace = (id: string) => {
        setParam('face', id);
        setPick({ kind: 'face', id });
    };
    return (
        <>
            <Chips
                all={slice.faces.map((one) => ({ key: one.id, name: one.name }))}
                picked={slice.face?.id}
                onPick={onFace}
            />
            <span className="spacer" />
            {slice.face && (
                <span className="muted">
                    <Said text={t('hold.zones-wide', { width: print(slice.zoneWidth, 'nearest', true) })} />
                </span>
            )}
        </>
    );
}

/** Where the clips of one seam are marked. */
function SeamTape({ seam }: { seam: HeldFace['seams'][number] }) {
    const { t } = useTranslation();
    return (
        <TapeStrip
            title={t('hold.tape', { number: seam.number })}
            hint={beside(t, [t('hold.tape-hint', { count: seam.clips.length }), seam.said])}
            from={0}
            to={seam.to}
            room={92}
            marks={seam.clips.map((at) => ({ at, tone: 'chalk' as const }))}
        />
    );
}

/** How a stack of sheets is drilled, or where the rows run on the face where no two are alike. */
function RowsTape({ held }: { held: HeldFace }) {
    const { t } = useTranslation();
    const [template] = held.templates;
    const rows = template?.rows ?? held.rows;
    return (
        <TapeStrip
            title={t(template ? 'drill.tape' : 'hold.tape-rows')}
            hint={template?.said ?? t('hold.tape-rows-hint', { count: rows.length })}
            from={0}
            to={template?.length ?? rows[rows.length - 1] + 2}
            room={92}
            marks={rows.map((at) => ({ at, tone: 'chalk' as const }))}
        />
    );
}

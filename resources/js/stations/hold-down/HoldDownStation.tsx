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
    const { pick, setPick } = usePick();
    const [params, setParams] = useSearchParams();
    const [picked, setPicked] = useState<{ face: string; seam: number } | null>(null);
    const slice = usePlanSlice(
        job.id,
        'hold-down',
        job.revision,
        params.get('face') ?? (pick?.kind === 'face' ? pick.id : null),
    ).data;
    const held = slice?.face ?? null;
    const typed = params.get('metal');
    const metalF = typed === null || Number.isNaN(Number(typed)) ? null : Number(typed);
    const hem = usePlanSlice(job.id, 'hem', job.revision, held?.id ?? null, held !== null, { metalF }).data;
    const [marking, setMarking] = useState<GuardedFor | null>(null);
    const setParam = useCallback(
        (key: string, value: string | null) =>
            setParams(
                (was) => {
                    const next = new URLSearchParams(was);
                    if (value === null) next.delete(key);
                    else next.set(key, value);
                    return next;
                },
                { replace: true },
            ),
        [setParams],
    );
    const onMetal = useCallback(
        (metal: number | null) => setParam('metal', metal === null ? null : String(metal)),
        [setParam],
    );
    const face = slice?.faces.find((one) => one.id === held?.id);
    const wanted = picked && picked.face === held?.id ? picked.seam : held?.shown;
    const seam = held?.seams.find((one) => one.number === wanted);
    const go = (step: number) => {
        if (!held || !seam) return;
        const next = held.seams[held.seams.indexOf(seam) + step];
        if (next) setPicked({ face: held.id, seam: next.number });
    };
    useHotkeys('left', () => go(-1), [held, seam]);
    useHotkeys('right', () => go(1), [held, seam]);
    const onMark = (kind: GuardedFor, of: HeldFace) => (from: number, to: number) => {
        job.edit((d) => addPlace(d, { face: of.id, from, to, for: kind }));
        setMarking(null);
    };
    const onFace = (id: string) => {
        setParam('face', id);
        setPick({ kind: 'face', id });
    };
    return (
        <StationFrame
            title={t('hold.title')}
            head={slice && <FacesHead slice={slice} onFace={onFace} />}
            isHere={slice !== undefined}
            none={held ? null : t('hold.none')}
            toSurvey
            bench={
                slice &&
                held && (
                    <HoldBench
                        slice={slice}
                        held={held}
                        hem={hem ? <HemGap hem={hem} metalF={metalF} onMetal={onMetal} /> : null}
                        snow={<SnowForm slice={slice} held={held} marking={marking} onMarking={setMarking} />}
                    />
                )
            }
            tape={
                held && (
                    <>
                        {seam && <SeamTape seam={seam} />}
                        {held.rows.length > 0 && <RowsTape held={held} />}
                    </>
                )
            }
        >
            {slice && held && face && (
                <HoldDrawing
                    key={held.id}
                    face={face}
                    held={held}
                    isEstimate={slice.wind.kind === 'estimate'}
                    seam={seam ?? null}
                    onSeam={(number) => setPicked({ face: held.id, seam: number })}
                    onMark={marking ? onMark(marking, held) : null}
                />
            )}
        </StationFrame>
    );
}

function FacesHead({ slice, onFace }: { slice: HoldDownSlice; onFace: (id: string) => void }) {
    const { t } = useTranslation();
    const print = useJobTape();
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
            hint={`${t('hold.tape-hint', { count: seam.clips.length })} · ${seam.said}`}
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

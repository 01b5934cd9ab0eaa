import type { KeyboardEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import type { PlanOutline, PlanPoint } from '../../contracts/plan';
import type { RoofCheck, RoofSlice } from '../../contracts/roof';
import { EdgeLine } from '../../deck/EdgeLine';
import { frame, pointsOf, useSize } from '../../deck/useFrame';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { useJobTape } from '../../tape/JobTape';
import { usePitch } from '../../tape/measures';

/** A roof of blocks from above, with what was taped on its edges and faces; one that is pressed is taped at the Roof. */
export function BlocksTaped() {
    const { t } = useTranslation();
    const job = useJob();
    const slice = usePlanSlice(job.id, 'roof', job.revision).data;
    if (!slice || !slice.faces.some((face) => face.planOutline.length > 2))
        return <p className="sheet">{t('survey.blocks-only')}</p>;
    return <TapedPlan slice={slice} />;
}

function TapedPlan({ slice }: { slice: RoofSlice }) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const job = useJob();
    const { setPick } = usePick();
    const go = useNavigate();
    const print = useJobTape();
    const { box, size } = useSize();
    const all = slice.faces.flatMap((face) => face.planOutline) as PlanOutline;
    const view = frame(all, size, { x: 54, top: 40, bottom: 40 });
    const tape = (kind: 'face' | 'edge', id: string) => () => {
        setPick({ kind, id });
        void go(`/jobs/${job.id}/roof`);
    };
    const taped = (where: string) => slice.checks.filter((check) => check.where === where);
    const said = (check: RoofCheck) =>
        check.quantity === 'pitch' ? pitch(check.value) : print(check.value, 'nearest');
    return (
        <>
            <p className="muted">{t('survey.blocks-taped', { count: slice.checks.length })}</p>
            <div className="drawing" ref={box}>
                <svg viewBox={`0 0 ${size[0]} ${size[1]}`} role="group" aria-label={t('survey.blocks-plan')}>
                    {slice.faces.map((face) => {
                        const own = taped(face.id);
                        const [x, y] = placeFor(
                            face.planOutline.map((at) => view.at(...at)),
                            slice.faces
                                .filter((one) => one.id !== face.id)
                                .map((one) => one.planOutline.map((at) => view.at(...at))),
                        );
                        return (
                            <g
                                key={face.id}
                                {...pressed(tape('face', face.id))}
                                aria-label={t('survey.tape-face', { face: face.name, count: own.length })}
                                data-taped={face.id}
                            >
                                <polygon className="metal" points={pointsOf(face.planOutline, view)} />
                                <text x={x} y={y} textAnchor="middle" fontSize="14">
                                    {face.name}
                                </text>
                                {own.map((check, i) => (
                                    <Value
                                        key={check.id}
                                        at={[x, y + 19 * (i + 1)]}
                                        check={check}
                                        words={said(check)}
                                    />
                                ))}
                            </g>
                        );
                    })}
                    {slice.edges.map((edge) => {
                        const [from, to] = [view.at(...edge.plan[0]), view.at(...edge.plan[1])];
                        const own = taped(edge.id);
                        const [x, y] = middleOf([from, to]);
                        return (
                            <g
                                key={edge.id}
                                {...pressed(tape('edge', edge.id))}
                                aria-label={t('survey.tape-edge', { edge: t(`edge.${edge.kind}`), count: own.length })}
                                data-taped={edge.id}
                            >
                                <EdgeLine
                                    kind={edge.kind}
                                    from={from}
                                    to={to}
                                    low={edge.heights[0] <= edge.heights[1] ? 'from' : 'to'}
                                />
                                <line
                                    x1={from[0]}
                                    y1={from[1]}
                                    x2={to[0]}
                                    y2={to[1]}
                                    stroke="transparent"
                                    strokeWidth="26"
                                />
                                {own.slice(0, 1).map((check) => (
                                    <Value key={check.id} at={[x, y - 8]} check={check} words={said(check)} />
                                ))}
                            </g>
                        );
                    })}
                </svg>
            </div>
        </>
    );
}

const pressed = (go: () => void) => ({
    role: 'button',
    tabIndex: 0,
    style: { cursor: 'pointer' },
    onClick: go,
    onKeyDown: (event: KeyboardEvent) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        go();
    },
});

function Value({ at, check, words }: { at: PlanPoint; check: RoofCheck; words: string }) {
    return (
        <text
            x={at[0]}
            y={at[1]}
            textAnchor="middle"
            fontSize="15"
            fontWeight="700"
            className="on-metal"
            style={check.agrees ? undefined : { fill: 'var(--stop)' }}
        >
            {words}
        </text>
    );
}

/** Where a face's words stand: in its middle, or on the way to a corner where another face lies in that. */
function placeFor(corners: PlanPoint[], others: PlanPoint[][]): PlanPoint {
    const middle = middleOf(corners);
    const within = ([x, y]: PlanPoint) =>
        others.some((one) => {
            const [xs, ys] = [one.map(([u]) => u), one.map(([, v]) => v)];
            return x > Math.min(...xs) && x < Math.max(...xs) && y > Math.min(...ys) && y < Math.max(...ys);
        });
    return [middle, ...corners.map((corner) => middleOf([middle, corner]))].find((at) => !within(at)) ?? middle;
}

function middleOf(points: PlanPoint[]): PlanPoint {
    const sum = points.reduce(([a, b], [x, y]) => [a + x, b + y], [0, 0]);
    return [sum[0] / points.length, sum[1] / points.length];
}

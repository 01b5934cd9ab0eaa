import { beside } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { PlanEdge, RoofSlice } from '../../contracts/roof';
import { useJob } from '../../job/JobContext';
import type { Pick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { Len } from '../../tape/Len';
import { Checks } from './Checks';

const tenth = (degrees: number) => Math.round(degrees * 100) / 100;

/** One edge: true length, the angle a rib meets it at on either face, and the angle its trim is bent to. */
export function EdgeBench({ edge, slice, onPick }: { edge: PlanEdge; slice: RoofSlice; onPick: (pick: Pick) => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const name = (id: string) => slice.faces.find((face) => face.id === id)?.name ?? id;
    const wall = blocksOf(job.document).find((block) => block.id === edge.wall);
    return (
        <>
            <h1 style={{ textTransform: 'capitalize' }}>{t(`edge.${edge.kind}`)}</h1>
            <p className="muted">
                {beside(t, [...edge.faces.map(name), wall && t('roof.wall-of', { block: wall.name })])}
            </p>
            <p className="big" data-testid="true-length" style={{ margin: '4px 0 2px' }}>
                <Len inches={edge.length} />
            </p>
            <p className="muted">
                {t('roof.true-length')}, <Len inches={edge.length} inchesOnly />
            </p>
            <table className="plain" style={{ marginTop: 8 }}>
                <tbody>
                    {edge.faces.map((id) => (
                        <tr key={id}>
                            <th scope="row">
                                {t('roof.rib-angle')}{' '}
                                <button type="button" className="linkish" onClick={() => onPick({ kind: 'face', id })}>
                                    {name(id)}
                                </button>
                            </th>
                            <td className="n">
                                <b>{t('degrees', { degrees: tenth(edge.angleToRibDegrees[id]) })}</b>
                            </td>
                        </tr>
                    ))}
                    {edge.dihedralDegrees !== null && (
                        <tr>
                            <th scope="row">{t('roof.bend')}</th>
                            <td className="n">
                                <b>{t('degrees', { degrees: tenth(edge.dihedralDegrees) })}</b>
                            </td>
                        </tr>
                    )}
                    <tr>
                        <th scope="row">{t('roof.plan-angle')}</th>
                        <td className="n">{t('degrees', { degrees: tenth(edge.planAngleDegrees) })}</td>
                    </tr>
                    <tr>
                        <th scope="row">{t('roof.heights')}</th>
                        <td className="n">
                            <Len inches={edge.heights[0]} /> – <Len inches={edge.heights[1]} />
                        </td>
                    </tr>
                </tbody>
            </table>
            {edge.faces.some((id) => slice.faces.find((face) => face.id === id)?.block) && (
                <Checks slice={slice} where={edge.id} quantities={['length']} />
            )}
        </>
    );
}

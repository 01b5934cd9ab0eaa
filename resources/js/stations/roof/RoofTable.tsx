import { beside } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import { useMeasures, usePitch } from '../../tape/measures';
import type { RoofSlice } from '../../contracts/roof';
import type { Pick } from '../../job/PickContext';
import { Schedule } from '../../kit/Schedule';
import { Len } from '../../tape/Len';

interface RoofTableProps {
    slice: RoofSlice;
    pick: Pick | null;
    onPick: (pick: Pick) => void;
}

/** The same roof in words and numbers: every face, every edge. */
export function RoofTable({ slice, pick, onPick }: RoofTableProps) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const measure = useMeasures();
    const name = (id: string) => slice.faces.find((face) => face.id === id)?.name ?? id;
    const degrees = (value: number) => t('degrees', { degrees: Math.round(value * 100) / 100 });
    return (
        <div className="wide" style={{ overflowY: 'auto', marginTop: 10 }}>
            <Schedule
                label={t('roof.faces')}
                rows={slice.faces}
                keyOf={(face) => face.id}
                picked={(face) => pick?.kind === 'face' && pick.id === face.id}
                onPick={(face) => onPick({ kind: 'face', id: face.id })}
                columns={[
                    { name: t('roof.face'), cell: (face) => face.name },
                    { name: t('roof.pitch'), figures: true, cell: (face) => pitch(face.riseIn12) },
                    {
                        name: t('roof.area'),
                        figures: true,
                        cell: (face) => t('roof.square-feet', { area: measure('area', face.areaSquareFeet, 1) }),
                    },
                    { name: t('roof.longest-run'), figures: true, cell: (face) => <Len inches={face.longestRun} /> },
                    {
                        name: t('roof.holes'),
                        figures: true,
                        cell: (face) => (face.holes.length === 0 ? '—' : face.holes.length),
                    },
                ]}
            />
            <Schedule
                label={t('roof.edges')}
                style={{ marginTop: 18 }}
                rows={slice.edges}
                keyOf={(edge) => edge.id}
                picked={(edge) => pick?.kind === 'edge' && pick.id === edge.id}
                onPick={(edge) => onPick({ kind: 'edge', id: edge.id })}
                mark={(edge) => ({ 'data-edge-row': edge.id })}
                columns={[
                    { name: t('roof.edge'), cell: (edge) => t(`edge.${edge.kind}`) },
                    { name: t('roof.between'), cell: (edge) => beside(t, edge.faces.map(name)) },
                    {
                        name: t('roof.true-length'),
                        figures: true,
                        cell: (edge) => (
                            <b>
                                <Len inches={edge.length} />
                            </b>
                        ),
                    },
                    {
                        name: t('roof.to-rib'),
                        figures: true,
                        cell: (edge) =>
                            beside(
                                t,
                                edge.faces.map((id) => degrees(edge.angleToRibDegrees[id])),
                            ),
                    },
                    {
                        name: t('roof.bend'),
                        figures: true,
                        cell: (edge) => (edge.dihedralDegrees === null ? '—' : degrees(edge.dihedralDegrees)),
                    },
                ]}
            />
        </div>
    );
}

import { useTranslation } from 'react-i18next';
import type { RoofSlice } from '../../contracts/roof';
import type { Pick } from '../../job/PickContext';
import { TapeStrip, type TapeMark } from '../../tape/TapeStrip';

/** The picked edge in running dimensions, or the corners of the picked face along its eave, all from one zero. */
export function RoofTape({ slice, pick }: { slice: RoofSlice | undefined; pick: Pick | null }) {
    const { t } = useTranslation();
    const edge = slice?.edges.find((edge) => pick?.kind === 'edge' && edge.id === pick.id);
    const face = slice?.faces.find((face) => pick?.kind === 'face' && face.id === pick.id);
    if (edge) {
        const marks: TapeMark[] = [
            { at: 0, tone: 'ink', label: t(edge.heights[0] <= edge.heights[1] ? 'roof.low-end' : 'roof.high-end') },
            {
                at: edge.length,
                tone: 'chalk',
                strong: true,
                label: t(edge.heights[0] <= edge.heights[1] ? 'roof.high-end' : 'roof.low-end'),
            },
        ];
        if (Math.abs(edge.heights[0] - edge.heights[1]) < 1e-6)
            marks.forEach((mark) => {
                mark.label = undefined;
            });
        return (
            <TapeStrip
                title={t('roof.tape-edge', { kind: edge.kind })}
                from={0}
                to={Math.max(1, edge.length)}
                marks={marks}
            />
        );
    }
    if (face) {
        const left = Math.min(...face.outline.map(([u]) => u));
        const right = Math.max(...face.outline.map(([u]) => u));
        const marks: TapeMark[] = [];
        for (const [u, v] of face.outline) {
            const low = v < 1e-6;
            const known = marks.find((mark) => Math.abs(mark.at - (u - left)) < 1e-3);
            if (known) known.tone = known.tone === 'chalk' || low ? 'chalk' : 'ink';
            else marks.push({ at: u - left, tone: low ? 'chalk' : 'ink' });
        }
        return (
            <TapeStrip
                title={t('roof.tape-face', { face: face.name })}
                hint={t('roof.tape-face-hint')}
                from={0}
                to={right - left}
                marks={marks.sort((a, b) => a.at - b.at)}
            />
        );
    }
    return (
        <section className="tape" aria-label={t('roof.tape')}>
            <div className="tape-head">
                <b>{t('roof.tape')}</b>
            </div>
            <p className="muted">{t('roof.tape-empty')}</p>
        </section>
    );
}

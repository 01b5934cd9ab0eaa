import { listed } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { CardView } from '../../contracts/cutting';
import { TapeStrip, type TapeMark } from '../../tape/TapeStrip';

/** Marks along one edge, the tape hooked once, at B or T; the other edge's cut beside them. */
export function CutsTape({ view }: { view: CardView }) {
    const { t } = useTranslation();
    const along = view.marks.filter((mark) => mark.line === 'left');
    const marks: TapeMark[] = [];
    for (const mark of along) {
        const known = marks.find((one) => Math.abs(one.at - mark.distance) < 1e-6);
        if (known) known.label = listed(t, [known.label, t(`mark.kind.${mark.kind}`)]);
        else
            marks.push({
                at: mark.distance,
                tone: mark.kind === 'bend' ? 'ink' : 'chalk',
                strong: mark.kind === 'cut',
                label: t(`mark.kind.${mark.kind}`),
            });
    }
    // The other edge is marked off the same hook: where it differs, its cut is on this tape too.
    for (const mark of view.marks.filter((mark) => mark.line === 'right' && mark.kind === 'cut')) {
        if (!marks.some((one) => Math.abs(one.at - mark.distance) < 1e-6))
            marks.push({ at: mark.distance, tone: 'ink', label: t('cuts.right-edge') });
    }
    return (
        <TapeStrip
            title={t(view.fromHead ? 'cuts.tape-from-top' : 'cuts.tape')}
            hint={t('cuts.hook-once')}
            from={0}
            to={view.length + 3}
            marks={marks}
            inchesOnly
            room={1}
        />
    );
}

import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { BenchSlice } from './BenchSlice';
import type { CutPanel } from '../../contracts/cutting';
import { Said } from '../../tape/Len';

/** Which other panel comes out of the same sheet. */
export function PairLine({
    slice,
    panel,
    onPick,
}: {
    slice: BenchSlice;
    panel: CutPanel;
    onPick: (id: string) => void;
}) {
    const { t } = useTranslation();
    if (!slice.card.sheet || !panel.pairedWith) return null;
    return (
        <div className="finding" data-severity="note" data-testid="pair">
            <Said text={slice.card.sheet} />{' '}
            <Button size="small" onClick={() => panel.pairedWith && onPick(panel.pairedWith)}>
                {t('pair.show', { other: panel.pairedName })}
            </Button>
        </div>
    );
}

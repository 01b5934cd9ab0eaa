import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { CutPanel } from '../../contracts/cutting';
import { useCut } from './useCut';

interface PieceStepsProps {
    panel: CutPanel;
    back: boolean;
    onFlip: () => void;
    /** Null at the last piece. */
    onNext: (() => void) | null;
    /** Opens the two tapes where they do not stand beside the card; null where it has no edge to tape. */
    onTape: (() => void) | null;
}

/** What one does with a piece: cut it and take the next, or turn it over. */
export function PieceSteps({ panel, back, onFlip, onNext, onTape }: PieceStepsProps) {
    const { t } = useTranslation();
    const { isCut, setCut, mayTell } = useCut();
    const done = isCut(panel);
    return (
        <div className="rowed">
            {mayTell && !done && (
                <Button
                    variant="contained"
                    onClick={() => {
                        setCut(panel, true);
                        onNext?.();
                    }}
                >
                    {t(onNext ? 'cuts.cut-next' : 'cuts.cut-last')}
                </Button>
            )}
            {mayTell && done && (
                <Button variant="outlined" color="inherit" onClick={() => setCut(panel, false)}>
                    {t('cuts.uncut')}
                </Button>
            )}
            {onNext && (done || !mayTell) && (
                <Button variant="contained" onClick={onNext}>
                    {t('cuts.next')}
                </Button>
            )}
            <Button variant="outlined" color="inherit" onClick={onFlip}>
                {t(back ? 'cuts.flip-to-face' : 'cuts.flip-to-back')}&nbsp;<kbd>f</kbd>
            </Button>
            {mayTell && onTape && (
                <Button variant="outlined" color="inherit" onClick={onTape}>
                    {t('fit.two-tapes', { piece: panel.name })}
                </Button>
            )}
        </div>
    );
}

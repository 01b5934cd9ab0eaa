import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { CutPanel } from '../../contracts/cutting';
import { useJob } from '../../job/JobContext';
import { setCut } from './edits';

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
    const { edit, mayChange } = useJob();
    return (
        <div className="rowed">
            {mayChange && !panel.done && (
                <Button
                    variant="contained"
                    onClick={() => {
                        edit((d) => setCut(d, panel, true));
                        onNext?.();
                    }}
                >
                    {t(onNext ? 'cuts.cut-next' : 'cuts.cut-last')}
                </Button>
            )}
            {mayChange && panel.done && (
                <Button variant="outlined" color="inherit" onClick={() => edit((d) => setCut(d, panel, false))}>
                    {t('cuts.uncut')}
                </Button>
            )}
            {onNext && (panel.done || !mayChange) && (
                <Button variant="contained" onClick={onNext}>
                    {t('cuts.next')}
                </Button>
            )}
            <Button variant="outlined" color="inherit" onClick={onFlip}>
                {t(back ? 'cuts.flip-to-face' : 'cuts.flip-to-back')}&nbsp;<kbd>f</kbd>
            </Button>
            {mayChange && onTape && (
                <Button variant="outlined" color="inherit" onClick={onTape}>
                    {t('fit.two-tapes', { piece: panel.name })}
                </Button>
            )}
        </div>
    );
}

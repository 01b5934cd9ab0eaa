import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { useJob } from '../../job/JobContext';

/** Asks once what covers the roof: until somebody has said, a profile is taken, and that is told. */
export function Unchosen({ profile, onChoose }: { profile: string; onChoose: () => void }) {
    const { t } = useTranslation();
    const { document: doc, mayChange } = useJob();
    if (!mayChange || doc.system?.profile !== undefined) return null;
    return (
        <div className="finding rowed" data-severity="settle">
            <span>{t('system.unchosen', { profile })}</span>
            <Button size="small" variant="contained" onClick={onChoose}>
                {t('system.choose-now')}
            </Button>
        </div>
    );
}

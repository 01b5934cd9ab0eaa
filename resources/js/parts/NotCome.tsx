import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import { useTranslation } from 'react-i18next';

interface NotComeProps {
    /** What is missing, as people call it. */
    part: string;
    onAgain: () => void;
    onClose?: () => void;
    /** Something in it broke, rather than did not come. */
    broken?: boolean;
}

/** Says which part of the application is missing, that nothing is lost, and how to get it: once more, or with the newest version. Never by force. */
export function NotCome({ part, onAgain, onClose, broken = false }: NotComeProps) {
    const { t } = useTranslation();
    const said = (
        <div className="finding" data-severity="settle" role="alert">
            <p>{t(broken ? 'part.broken' : 'part.not-come', { part: t(`part.${part}`) })}</p>
            <p className="small">{t('part.kept')}</p>
        </div>
    );
    const deeds = (
        <>
            {onClose && <Button onClick={onClose}>{t('close')}</Button>}
            <Button color="inherit" onClick={() => window.location.reload()}>
                {t('part.reload')}
            </Button>
            <Button variant="contained" onClick={onAgain}>
                {t('part.again')}
            </Button>
        </>
    );
    if (onClose)
        return (
            <Dialog open onClose={onClose}>
                <DialogContent>{said}</DialogContent>
                <DialogActions>{deeds}</DialogActions>
            </Dialog>
        );
    return (
        <main className="deck" style={{ padding: 16 }}>
            {said}
            <div className="rowed" style={{ marginTop: 10 }}>
                {deeds}
            </div>
        </main>
    );
}

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';
import { ChangeLine } from './ChangeLine';

/** Somebody saved in between. Neither version is lost, whichever is taken. */
export function StaleDialog() {
    const { t } = useTranslation();
    const { theirs, session } = useJob();
    return (
        <Dialog open={theirs !== null} aria-labelledby="stale-title">
            <DialogTitle id="stale-title">{t('save.stale.title', { author: theirs?.author ?? '' })}</DialogTitle>
            <DialogContent>
                <p>{t('save.stale.text', { revision: theirs?.revision ?? 0 })}</p>
                <p className="card" style={{ marginTop: 12 }}>
                    {theirs && <ChangeLine change={theirs.change} />}
                </p>
            </DialogContent>
            <DialogActions>
                <Button onClick={() => void session.settle(true)}>{t('save.stale.mine')}</Button>
                <Button variant="contained" onClick={() => void session.settle(false)}>
                    {t('save.stale.theirs')}
                </Button>
            </DialogActions>
        </Dialog>
    );
}

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useSignOut } from '../api/queries';
import { hasUnsaved } from '../job/unsaved';

/** The way out, here or everywhere. Asks first where edits are not saved: they stay in this browser, for oneself. */
export function useLeaving(): { leave: (everywhere: boolean) => void; dialog: React.ReactNode } {
    const { t } = useTranslation();
    const signOut = useSignOut();
    const [asked, setAsked] = useState<{ everywhere: boolean } | null>(null);
    return {
        leave: (everywhere) => (hasUnsaved() ? setAsked({ everywhere }) : signOut.mutate(everywhere)),
        dialog: (
            <Dialog open={asked !== null} onClose={() => setAsked(null)} aria-labelledby="sign-out">
                <DialogTitle id="sign-out">{t('sign-out.title')}</DialogTitle>
                <DialogContent>{t('sign-out.text')}</DialogContent>
                <DialogActions>
                    <Button color="inherit" onClick={() => signOut.mutate(asked?.everywhere ?? false)}>
                        {t('sign-out.leave')}
                    </Button>
                    <Button variant="contained" onClick={() => setAsked(null)} autoFocus>
                        {t('sign-out.stay')}
                    </Button>
                </DialogActions>
            </Dialog>
        ),
    };
}

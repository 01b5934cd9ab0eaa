import Button from '@mui/material/Button';
import { useSyncExternalStore } from 'react';
import { useTranslation } from 'react-i18next';
import { isOutdated, onVersion, putOff } from '../api/version';

/** A newer version is offered: one loads it when it suits. */
export function NewVersion() {
    const { t } = useTranslation();
    const outdated = useSyncExternalStore(onVersion, isOutdated);
    if (!outdated) return null;
    return (
        <div className="offered rowed" role="status">
            <span>{t('part.newer')}</span>
            <Button size="small" variant="outlined" color="inherit" onClick={() => window.location.reload()}>
                {t('part.reload')}
            </Button>
            <Button size="small" color="inherit" onClick={putOff}>
                {t('part.later')}
            </Button>
        </div>
    );
}

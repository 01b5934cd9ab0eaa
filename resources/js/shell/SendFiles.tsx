import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useFiles } from '../api/queries';
import { useJob } from '../job/JobContext';
import { useMaking } from '../bench/Making';

/** The files the job leaves in. */
export function SendFiles() {
    const { t } = useTranslation();
    const job = useJob();
    const make = useMaking();
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const list = useFiles(job.id, job.revision, anchor !== null);
    return (
        <>
            <Button
                variant="outlined"
                color="inherit"
                aria-haspopup="menu"
                onClick={(event) => setAnchor(event.currentTarget)}
            >
                {t('send.open')}
            </Button>
            <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
                {!list.data && <MenuItem disabled>{t('loading')}</MenuItem>}
                {(list.data ?? []).map((file) => (
                    <MenuItem
                        key={file}
                        onClick={() => {
                            setAnchor(null);
                            make(file);
                        }}
                    >
                        {t(`send.${file}`)}
                    </MenuItem>
                ))}
            </Menu>
        </>
    );
}

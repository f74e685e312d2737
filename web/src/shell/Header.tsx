import { type ReactNode, useEffect, useState } from 'react';
import { Link, NavLink } from 'react-router';
import { MorePanel } from './MorePanel';
import type { GarmentEditor } from './useGarment';

export interface HeaderLink {
  to: string;
  word: string;
  end?: boolean;
}

interface Props {
  links: HeaderLink[];
  /** Which help is shown. */
  view: string;
  editor?: GarmentEditor;
  children?: ReactNode;
}

/** Name, what lies open, the views above a running stitch, and help. */
export function Header({ links, view, editor, children }: Props) {
  const [more, setMore] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = ['INPUT', 'TEXTAREA', 'SELECT'].includes((event.target as Element).tagName);
      if (event.key === '?' && !typing) {
        setMore(true);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <header className="header">
      <a href="#main" className="skip">
        Skip to the work
      </a>
      <Link to="/" className="brand display" aria-label="Ruxel: to the shelf">
        Ruxel
      </Link>
      <div className="header-about">{children}</div>
      <nav aria-label="Views" className="views">
        {links.map((link) => (
          <NavLink key={link.to} to={link.to} end={link.end ?? false}>
            {link.word}
          </NavLink>
        ))}
      </nav>
      <button type="button" className="more-button" onClick={() => setMore(true)}>
        Help and more
      </button>
      <MorePanel view={view} show={more} onHide={() => setMore(false)} {...(editor ? { editor } : {})} />
    </header>
  );
}

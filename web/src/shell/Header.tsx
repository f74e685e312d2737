import type { ReactNode } from 'react';
import { Link, NavLink } from 'react-router';

export interface HeaderLink {
  to: string;
  word: string;
  end?: boolean;
}

/** Name, what lies open, and the views above a running stitch. */
export function Header({ links, children }: { links: HeaderLink[]; children?: ReactNode }) {
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
    </header>
  );
}

import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['target', 'src/api/schema.d.ts'] },
  ...tseslint.configs.recommended,
  hooks.configs.flat.recommended,
);

import importX from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// What may import what: from the ground up, and no feature another.
const order = ['browser', 'units', 'api', 'state', 'ui', 'drawing', 'features', 'app'];
const zones = order.flatMap((place, level) => order.slice(level + 1).map((above) => ({ target: `./src/${place}`, from: `./src/${above}` })));
const features = ['bench', 'book', 'caliper', 'classes', 'days', 'drawers', 'notebook', 'patterns', 'sewing', 'shopping', 'templates'];
const apart = features.flatMap((one) => features.filter((other) => other !== one).map((other) => ({ target: `./src/features/${one}`, from: `./src/features/${other}` })));

export default tseslint.config(
  { ignores: ['dist', 'src/api/generated'] },
  ...tseslint.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked.map((config) => ({ ...config, files: ['src/**/*.{ts,tsx}'] })),
  {
    files: ['src/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { 'import-x': importX, 'react-hooks': hooks },
    settings: { 'import-x/resolver': { node: { extensions: ['.ts', '.tsx'] } } },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: [...zones, ...apart] }],
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      'max-lines': ['error', 250],
    },
  },
);

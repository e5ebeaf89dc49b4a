import type { ThemeConfig } from 'antd';
import { theme } from 'antd';

interface Colours {
  ground: string;
  paper: string;
  ink: string;
  quiet: string;
  rule: string;
  madder: string;
  indigo: string;
  table: string;
}

const LIGHT: Colours = {
  ground: '#edf1ee',
  paper: '#fcfcf9',
  ink: '#12313a',
  quiet: '#4a626a',
  rule: '#8ea19a',
  madder: '#a83a2a',
  indigo: '#2b4a86',
  table: '#dfe6e1',
};
const DARK: Colours = {
  ground: '#0f1f20',
  paper: '#1d3334',
  ink: '#e6ede8',
  quiet: '#a3b9b5',
  rule: '#5b7576',
  madder: '#ea8c78',
  indigo: '#9db8ee',
  table: '#16292a',
};

/** The component library in our own dress: square, hairlines, no shadows, ink instead of a signal colour. */
export function dress(dark: boolean): ThemeConfig {
  const c = dark ? DARK : LIGHT;
  return {
    algorithm: dark ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      borderRadius: 0,
      borderRadiusLG: 0,
      borderRadiusSM: 0,
      borderRadiusXS: 0,
      boxShadow: 'none',
      boxShadowSecondary: `0 0 0 1px ${c.ink}`,
      colorPrimary: c.ink,
      colorInfo: c.ink,
      colorError: c.madder,
      colorLink: c.indigo,
      colorBgBase: c.paper,
      colorBgContainer: c.paper,
      colorBgElevated: c.paper,
      colorBorder: c.rule,
      colorText: c.ink,
      colorTextBase: c.ink,
      colorTextPlaceholder: c.quiet,
      colorTextLightSolid: c.paper,
      controlHeight: 36,
      controlOutline: c.ink,
      controlOutlineWidth: 1,
      fontFamily: "'Alegreya Sans', sans-serif",
      fontSize: 17,
      lineWidth: 1,
      motion: false,
      wireframe: true,
    },
    components: {
      Button: {
        // by lamplight the library would dim the one press that is meant
        colorPrimary: c.ink,
        primaryColor: dark ? c.ground : c.paper,
        primaryShadow: 'none',
        defaultShadow: 'none',
        fontWeight: 500,
        defaultBg: 'transparent',
        paddingInline: 14,
      },
      Checkbox: { colorPrimary: c.ink, colorWhite: dark ? c.ground : c.paper },
      Radio: { colorPrimary: c.ink },
      // what is typed into is as plain to the eye as what is pressed, for whoever goes by the keys
      Input: { activeShadow: `0 0 0 1px ${c.ink}`, errorActiveShadow: `0 0 0 1px ${c.madder}` },
      Modal: { titleFontSize: 24 },
    },
  };
}

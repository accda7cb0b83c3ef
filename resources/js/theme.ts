import type { GlobalThemeOverrides } from 'naive-ui'

/** The palette, once. styles.css has the same colours as custom properties, by the same names. */
const light = {
  page: '#F5F6F2',
  paper: '#FFFFFF',
  mist: '#E9EDE8',
  line: '#D5DCD5',
  ink: '#1D2925',
  soft: '#55645D',
  leaf: '#2B5A43',
  leafHover: '#1F4533',
  brass: '#8A5E10',
  brassHover: '#6F4B0B',
  madder: '#A12F38',
}
const dark = {
  page: '#141B18',
  paper: '#1C2521',
  mist: '#222C27',
  line: '#3A4740',
  ink: '#E8EDE8',
  soft: '#A9B6AE',
  leaf: '#8CC2A4',
  leafHover: '#A7D3BA',
  brass: '#DDB36A',
  brassHover: '#E8C688',
  madder: '#EE8F95',
}

const FONT = "'Atkinson Hyperlegible Next', system-ui, sans-serif"

function overrides(c: typeof light, onLeaf: string): GlobalThemeOverrides {
  return {
    common: {
      fontFamily: FONT,
      fontSize: '16px',
      fontSizeSmall: '15px',
      fontSizeMedium: '16px',
      fontSizeLarge: '16px',
      heightSmall: '36px',
      heightMedium: '44px',
      heightLarge: '48px',
      borderRadius: '8px',
      borderRadiusSmall: '7px',
      primaryColor: c.leaf,
      primaryColorHover: c.leafHover,
      primaryColorPressed: c.leafHover,
      primaryColorSuppl: c.leaf,
      warningColor: c.brass,
      warningColorHover: c.brassHover,
      warningColorPressed: c.brassHover,
      warningColorSuppl: c.brass,
      errorColor: c.madder,
      successColor: c.leaf,
      infoColor: c.leaf,
      bodyColor: c.page,
      cardColor: c.paper,
      modalColor: c.paper,
      popoverColor: c.paper,
      inputColor: c.paper,
      textColorBase: c.ink,
      textColor1: c.ink,
      textColor2: c.ink,
      textColor3: c.soft,
      placeholderColor: c.soft,
      borderColor: c.line,
      dividerColor: c.line,
    },
    Button: {
      textColorPrimary: onLeaf,
      textColorHoverPrimary: onLeaf,
      textColorPressedPrimary: onLeaf,
      textColorFocusPrimary: onLeaf,
      fontWeight: '600',
      textColorWarning: onLeaf,
      textColorHoverWarning: onLeaf,
      textColorPressedWarning: onLeaf,
      textColorFocusWarning: onLeaf,
    },
    Select: { peers: { InternalSelection: { border: `1px solid ${c.soft}` } } },
    Input: { border: `1px solid ${c.soft}` },
  }
}

export const lightOverrides = overrides(light, '#FFFFFF')
export const darkOverrides = overrides(dark, '#10201A')

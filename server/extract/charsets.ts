// Encodings by the number of the character set of a font, as RTF and metafiles name it ([MS-WMF] 2.1.1.5).

export const CHARSETS: Readonly<Record<number, string>> = {
  0: 'windows-1252',
  77: 'macintosh',
  128: 'shift_jis',
  129: 'cp949',
  130: 'cp949',
  134: 'gbk',
  136: 'big5',
  161: 'windows-1253',
  162: 'windows-1254',
  163: 'windows-1258',
  177: 'windows-1255',
  178: 'windows-1256',
  186: 'windows-1257',
  204: 'windows-1251',
  222: 'windows-874',
  238: 'windows-1250',
}

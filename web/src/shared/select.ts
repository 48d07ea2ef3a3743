/** The select of Element Plus 2.14: its own types do not resolve under TypeScript 6; what is passed is checked where it is used. */
import { ElOption, ElSelect } from 'element-plus';
import type { Component } from 'vue';

export const Select = ElSelect as unknown as Component;
export const Option = ElOption as unknown as Component;

import 'reflect-metadata';
import type { ChaseChoice } from '@oddment/core';
import { Matches } from 'class-validator';
import { Id, OneOf, Text, Version } from './fields.ts';
import { chaseChoices } from './job.ts';

export class SignInBody {
  @Text('The sign-in name', 1, 80) login!: string;
  @Text('The password', 1, 200) password!: string;
}

/** The first account of a new installation, and the firm it belongs to. */
export class FirstAccountBody {
  @Text('The firm', 1, 120) firm!: string;
  @Text('Your name', 1, 120) name!: string;
  @Text('The sign-in name', 3, 80) @Matches(/^[^\s]+$/, { message: 'The sign-in name has no spaces.' }) login!: string;
  @Text('The password', 10, 200) password!: string;
}

export class HouseRulesBody {
  @Id() change!: string;
  @Version() version!: number;
  @OneOf('The chase', ['by-traffic', ...chaseChoices]) chase!: 'by-traffic' | ChaseChoice;
}

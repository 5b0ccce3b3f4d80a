<template><div class="page"></div></template>

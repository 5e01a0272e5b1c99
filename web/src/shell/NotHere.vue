<template>
  <div class="page">
    <h1>Nothing is at this address</h1>
    <p>Go to the <RouterLink to="/floor">shop floor</RouterLink>.</p>
  </div>
</template>

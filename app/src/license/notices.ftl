[
<#list dependencyMap as e>
  <#assign project = e.getKey()/>
  <#assign licences = e.getValue()/>
  {"name": "${project.groupId?json_string}:${project.artifactId?json_string}", "version": "${project.version?json_string}", "licence": "<#list licences as l>${l?json_string}<#if l_has_next>, </#if></#list>"}<#if e_has_next>,</#if>
</#list>
]
